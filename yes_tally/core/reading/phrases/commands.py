"""What only a command or an option is called after, and its subject; in a label these words may mean anything. ``_`` stands
for the blank between two words."""

from __future__ import annotations

import re

OPTION = re.compile(r"(?<=\s)[-/]{1,2}([^\W\d_]{3,})(?=\s|=|$)")
"""An option of a command that is a word: ``--parts``, ``/partitions``."""

COMMAND_WORDS: dict[str, str] = {
    word.replace("_", " "): group
    for group, words in {
        "graphics": "grafiek grafici",
        "account": "people persons logins signins who users members staff",
        "task": "operazioni jobs schedule timers planned chores duties agenda planning planner horario rooster harmonogram calendario",
        "software": "pkgs pkg progs apps programs packages installed sw paquets",
        "driver": "drv drvs drivers",
        "partition": "parts slices partitions partlist partitionen particiones parties partizioni partities partycje",
        "volume": "letters mounts spaces drives free_space disk_space freier_platz plattenplatz belegung speicherplatz espace_disque espacio_disco espacio_en_disco espacio_libre espaco_em_disco espaco_livre spazio_su_disco spazio_libero schijfruimte vrije_ruimte miejsce_na_dysku wolne_miejsce",
        "disk": "disks spin spindles platters media stockage almacenamiento armazenamento archiviazione opslag",
        "event": "logbook journal log logs diary errors fehler erreurs errores erros errori fouten bledy problems incidents warnings registro diario dziennik",
        "update": "upd upds fixes patches updates mends",
        "connection": "sockets ports talks puertos portas porte poorten porty",
        "neighbour": "near neighbours neighbors around",
        "route": "ways routes roads wege percorsi instradamento caminos caminhos paden drogi itineraires",
        "variable": "vars env surroundings settings variablen",
        "search_folder": "searchpath searchpaths searchfolders searchfolder paths path folders pfad pfade chemin chemins caminho caminhos rutas percorsi zoekpaden sciezki",
        "printer": "paper papers printers queues printing",
        "battery": "cell cells battery charge",
        "display": "screens panels monitors",
        "sound": "audio noise sound sounds",
        "adapter": "netze netzblick netzwerke reti netwerken sieci rede redes netzkarten netzwerkkarten cards nics radios cartes tarjetas netcards schede karty kaarten karten",
        "boot_entry": "startmenue startmenu startverwaltung bootmanager startmanager bootlist bootmenu startlist starters boots boot startliste demarrage arranque avvio avvii opstarten rozruch rozruchy starts amorces arranques starters",
        "firewall": "gatter mauer brandmauer gatekeeper guard wall shield fence gate muro muur mur",
        "policy": "audit auditplan audits richtlinien zasady",
        "page_file": "paging swap swaps swapfile swapfiles pagefile pagefiles auslagerung pagination paginacion paginacao paginazione stronicowanie",
        "reach": "anklopfen rufen appeler llamar chamar chiama aanroepen zawolaj echo eco ping calls hail knock erreichbar anpingen joindre alcance bereik",
        "hop": "spur spuren trail trace steps weg traza rastreo rastro rota tracciato traccia spoor slad hops trace",
        "lookup": "lookup ask-name resolve resolver namensauflosung auflosen auflosung resolution resolucion consulta resolucao risoluzione opzoeken zoekop rozwiazywanie wyszukaj",
        "module": "dimms sticks modules memory",
        "process": "procs worklist running tasks-now",
        "processor": "cpu cpus processor procview",
        "health_check": "checkup health",
    }.items()
    for word in words.split()
}
