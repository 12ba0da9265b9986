"""Things that reports list and the catalogue has no facts of: what is said of them is said of nothing else.

A table or a record of services has names, states and accounts too; they are no tasks.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence, Set
from functools import lru_cache
from itertools import islice

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases.commands import OPTION

_LISTED = (
    "service|dienst|dienste|diensten|servicio|servico|servizio|servizi|usluga|uslugi|daemon|"
    "rule|firewall rule|regel|regle|regla|regra|regola|regole|regula|reguly|"
    "share|shared folder|freigabe|freigaben|partage|recurso compartido|compartilhamento|condivisione|condivisioni|gedeelde map|udzial|udzialy|"
    "expansion slot|erweiterungssteckplatz|emplacement extension|ranura expansion|slot espansione|uitbreidingssleuf|gniazdo rozszerzen|"
    "sensor|fan|lufter|ventilateur|ventilador|ventola|ventole|wentylator|temperature|temperatur|"
    "certificate|zertifikat|zertifikate|certificat|certificado|certificato|certificaat|certyfikat|"
    "local group|lokale gruppe|lokale gruppen|groupe local|groupes locaux|grupo local|gruppo locale|gruppi locali|lokale groep|lokale groepen|grupa lokalna|grupy lokalne|"
    "startup program|startup programs|startup items|autostart|autostart entries|runs at sign in|starts with the pc|autostartprogramme|programme beim start|programmes au demarrage|"
    "demarrage automatique|programas de inicio|inicio automatico|programas de arranque|arranque automatico|programmi all avvio|programmi di avvio|avvio automatico|"
    "opstartprogramma s|automatisch starten|programy startowe|autostart programow|"
    "group|gruppe|gruppen|groupe|grupo|gruppo|gruppi|groep|groepen|grupa|grupy|"
    "restore point|restore points|restorepoints|wiederherstellungspunkt|wiederherstellungspunkte|point de restauration|points de restauration|punto de restauracion|"
    "puntos de restauracion|ponto de restauracao|pontos de restauracao|punto di ripristino|punti di ripristino|herstelpunt|herstelpunten|punkt przywracania|punkty przywracania"
)
# What a command that is called so lists: PCs within a PC, and no accounts.
_CALLED = "guest|guests|gast|gaste"
# What a command asks for; in a sheet they are one line of many.
_ASKED_FOR = (
    "antivirus|virus protection|virenschutz|virenscanner|protection antivirus|proteccion antivirus|protecao antivirus|protezione antivirus|virusbescherming|virusscanner|"
    "ochrona antywirusowa|antywirus|"
    "ups|usv|onduleur|sai|nobreak|gruppo di continuita|zasilacz awaryjny|"
    "dock|docking station|dockingstation|station d accueil|estacion de acoplamiento|stacja dokujaca|"
    "usb|usb devices|usb gerate|peripheriques usb|dispositivos usb|dispositivi usb|usb apparaten|urzadzenia usb|"
    "keyboard|tastatur|clavier|teclado|tastiera|toetsenbord|klawiatura|mouse|maus|souris|raton|muis|mysz|"
    "webcam|camera|kamera|camara|telecamera|"
    "vm|vms|virtual machine|virtual machines|container|containers|virtuelle maschine|virtuelle maschinen|machine virtuelle|machines virtuelles|"
    "maquina virtual|maquinas virtuales|maquinas virtuais|macchina virtuale|macchine virtuali|virtuele machine|virtuele machines|maszyna wirtualna|maszyny wirtualne|"
    "print job|print jobs|print queue|druckauftrag|druckauftrage|druckwarteschlange|travaux d impression|file d impression|trabajos de impresion|cola de impresion|"
    "trabalhos de impressao|fila de impressao|lavori di stampa|coda di stampa|afdruktaken|afdrukwachtrij|zadania drukowania|kolejka drukowania|"
    "database|datenbank|base de donnees|base de datos|base de dados|banco de dados|baza danych|"
    "power plan|power plans|energieplan|energieplane|energiesparplan|energiesparplane|mode d alimentation|modes d alimentation|plan de energia|planes de energia|planos de energia|"
    "combinazione per il risparmio di energia|piano energetico|piani energetici|energiebeheerschema|energieschema|plan zasilania|plany zasilania|plany energetyczne"
)
_TOLD = (
    "ssid|bssid|essid|access point|zugangspunkt|point d'acces|punto de acceso|ponto de acesso|punto di accesso|toegangspunt|punkt dostepu|"
    "shared memory|shared system memory|shared video memory|gemeinsamer speicher|gemeinsam genutzter speicher|memoire partagee|memoria compartida|memoria compartilhada|memoria partilhada|memoria condivisa|gedeeld geheugen|pamiec wspoldzielona|"
    "virtual memory|virtueller speicher|memoire virtuelle|memoria virtual|memoria virtuale|virtueel geheugen|pamiec wirtualna|"
    "charge level|level of charge|state of charge|ladezustand|ladestand|niveau de charge|etat de charge|nivel de carga|estado de carga|carga actual|nivel da bateria|livello di carica|stato di carica|laadniveau|laadtoestand|poziom naladowania|stan naladowania|"
    "threads per core|threads je kern|threads pro kern|threads par coeur|hilos por nucleo|threads por nucleo|thread per core|threads per kern|watki na rdzen|"
    "wear|wear level|verschleiss|verschleissgrad|usure|taux d usure|desgaste|nivel de desgaste|usura|livello di usura|slijtage|slijtageniveau|zuzycie|poziom zuzycia|"
    "boot order|boot sequence|startreihenfolge|bootreihenfolge|ordre de demarrage|ordre d amorcage|orden de arranque|orden de inicio|ordem de inicializacao|"
    "ordem de arranque|ordine di avvio|sequenza di avvio|opstartvolgorde|kolejnosc rozruchu|kolejnosc uruchamiania|"
    "size on disk|grosse auf datentrager|taille sur le disque|taille sur disque|tamano en disco|tamanho em disco|tamanho no disco|dimensione su disco|grootte op schijf|rozmiar na dysku|"
    "l1d|l1i|l1d cache|l1i cache|l1 instruction|l1 instruction cache|l1 code|l1 code cache|"
    "total width|gesamtbreite|largeur totale|ancho total|largura total|larghezza totale|totale breedte|szerokosc calkowita|"
    "system revision|bios revision|controller revision|"
    "in service since|put into service|in betrieb seit|in betrieb genommen|inbetriebnahme|mis en service|mise en service|en service depuis|puesto en servicio|puesta en servicio|en servicio desde|"
    "em servico desde|entrada em servico|messa in servizio|in servizio dal|in dienst sinds|in gebruik sinds|in gebruik genomen|w uzyciu od|oddano do uzytku|"
    "bought|bought on|purchased|purchased on|purchase date|date of purchase|gekauft|gekauft am|kaufdatum|achete|achete le|date d achat|comprado|comprado el|fecha de compra|comprado em|data de compra|"
    "acquistato|acquistato il|data di acquisto|data d acquisto|aangekocht|aangekocht op|aankoopdatum|kupiony|kupiono|data zakupu|"
    "warranty|warranty until|warranty ends|warranty expires|in warranty until|garantie|garantie bis|garantieende|garantie jusqu au|fin de garantie|garantia|garantia hasta|garantia ate|fin de garantia|fim da garantia|"
    "garanzia|garanzia fino al|fine garanzia|garantie tot|einde garantie|gwarancja|gwarancja do|koniec gwarancji|"
    "shortcut|verknupfung|raccourci|font|schriftart|scheduled job|"
    "account expires|account expires on|account expiry|account expiration|account expiration date|konto lauft ab|konto lauft ab am|kontoablauf|compte expire|"
    "compte expire le|expiration du compte|cuenta caduca|cuenta expira|caducidad de la cuenta|account scade|scadenza account|conta expira|account verloopt|"
    "konto wygasa|wygasniecie konta"
)
# ``Rule 3``, ``Rules (4 of 212):``
_NUMBERED = re.compile(r"(?:\s*\([^()]*\d[^()]*\)\W*|[\s#.:)\d\[\]]+)$")


# What only they have among their labels: a rule its direction, a service its way to start, a certificate its issuer.
_FIELDS = (
    "direction|richtung|sens|sentido|direcao|direzione|richting|kierunek|"
    "start type|startup type|start mode|startart|starttyp|type de demarrage|tipo de inicio|tipo de inicializacao|tipo di avvio|opstarttype|typ uruchomienia|"
    "thumbprint|fingerprint|fingerabdruck|empreinte|huella|impressao digital|impronta|vingerafdruk|odcisk palca"
)


# Together they are a service's: how it starts, its state, and who runs it or what it is.
_OF_SERVICE = (
    "start|starts|startup|demarrage|inicio|arranque|avvio|opstarten|uruchamianie|rozruch",
    "state|status|zustand|etat|statut|estado|stato|toestand|stan",
    "account|runs as|log on as|konto|compte|cuenta|conta|pid|description|beschreibung|descripcion|descricao|descrizione|omschrijving|opis",
)
# Together they head a letter.
_OF_LETTER = (
    "from|von|de|da|van|od|sender|absender|expediteur|remitente|remetente|mittente|afzender|nadawca",
    "to|an|a|para|aan|do|recipient|empfanger|destinataire|destinatario|ontvanger|odbiorca",
    "subject|betreff|objet|asunto|assunto|oggetto|onderwerp|temat",
)


def tell_elsewhere(labels: Sequence[str], around: Sequence[str]) -> bool:
    """Whether the labels of a table or a record, three or more, are those of such a thing; of drivers (the first of the
    groups that are spoken of ``around``) it is told as well how they start."""
    if len(labels) <= 2 or "driver" in around[:1]:
        return False
    told = {words_of(label[:80]) for label in labels}
    return not told.isdisjoint(_names(_FIELDS)) or _are_all_told(told, _OF_SERVICE)


def heads_letter(labels: Sequence[str]) -> bool:
    """Whether the labels of a record are those that stand over a letter."""
    return len(labels) >= len(_OF_LETTER) and _are_all_told({words_of(label[:80]) for label in labels}, _OF_LETTER)


def _are_all_told(told: Set[tuple[str, ...]], labels: Sequence[str]) -> bool:
    return all(not told.isdisjoint(_names(words)) for words in labels)


# What tables of the networks that a radio hears begin with, and what they have of each.
_HEARD = (
    "network|network name|ssid|bssid|netz|netzwerk|netzname|wlan|funknetz|reseau|nom du reseau|red|nombre de red|rede|nome da rede|rete|nome rete|nome della rete|"
    "netwerk|netwerknaam|siec|nazwa sieci"
)
_HOW_WELL = (
    "signal|signal strength|rssi|dbm|signal dbm|strength|level|signalstarke|empfang|force du signal|puissance|senal|intensidad|intensidad de senal|sinal|intensidade|"
    "intensidade do sinal|segnale|potenza del segnale|signaal|signaalsterkte|sygnal|sila sygnalu|moc sygnalu"
)


def tell_networks(labels: Sequence[str]) -> bool:
    """Whether the labels of a table are those of the networks that a radio hears."""
    first, *others = (words_of(label[:80]) for label in labels)
    return first in _names(_HEARD) and any(words in _names(_HOW_WELL) for words in others)


@lru_cache(maxsize=16)
def _names(things: str) -> frozenset[tuple[str, ...]]:
    return frozenset(words_of(name) for name in things.split("|"))


@lru_cache(maxsize=4096)
def is_elsewhere(label: str) -> bool:
    """Whether a label or a heading (``Rule 3``) names such a thing, and nothing else."""
    words = words_of(_NUMBERED.sub("", label[:80]))
    return words in _names(_LISTED) or words in _names(_TOLD)


@lru_cache(maxsize=4096)
def says_elsewhere(label: str) -> bool:
    """Whether a label, wherever it stands, says what the catalogue has no fact of (``Account expires``)."""
    return words_of(_NUMBERED.sub("", label[:80])) in _names(_TOLD)


_OPTION = re.compile(r"\s[-/+]")


def asks_elsewhere(command: str) -> bool:
    """Whether a command asks for a list of such things, by its name or by what stands before its options
    (``firewall rules --active``)."""
    words = _OPTION.split(command[:80], maxsplit=1)[0].split()
    asked = {words_of(command[:80]), *(words_of(word) for word in (*words[:1], *words[-1:]))}
    called = len(words) > 1 and words_of(words[0]) in _names(_CALLED)
    return called or any(words in _names(things) for things in (_LISTED, _ASKED_FOR) for words in asked)


_HELP = re.compile(r"(?:^|\s)(?:(?:--?|/)?(?:help|hilfe|aide|ayuda|ajuda|aiuto|pomoc|usage|hulp)|[-/]\?)(?=\s|$)", re.I)
_USAGE = re.compile(
    r"\s*(?:usage|aufruf|verwendung|syntax|syntaxe|utilisation|uso|sintaxis|sintaxe|sintassi|utilizzo|gebruik|uzycie|u[żz]ycie|sk[łl]adnia|utiliza[çc][ãa]o)\s*:\s*\S",
    re.I,
)
_FIRST_LINES = 8


def tells_usage(command: str, lines: Iterable[str]) -> bool:
    """Whether a command asks how it is used, or its first ``lines`` say it: an option's words tell nothing of the PC."""
    return _HELP.search(command[:80]) is not None or any(map(_USAGE.match, islice(lines, _FIRST_LINES)))


_LICENCE = "licence|license|licensing|activation|lizenz|lizenzen|licences|licencia|licencias|licenca|licencas|licenza|licenze|licentie|licenties|licencja|licencje|licencji"
_A_PROGRAM = (
    "suite|package|program|programs|application|applications|app|apps|paket|programm|programms|programme|programmen|anwendung|anwendungen|"
    "paquet|logiciel|logiciels|paquete|programa|programas|aplicacion|aplicaciones|pacote|aplicativo|aplicativos|"
    "pacchetto|programma|programmi|applicazione|applicazioni|pakket|programmas|toepassing|toepassingen|pakiet|pakietu|programu|programow|aplikacji"
)


@lru_cache(maxsize=1024)
def names_program(label: str) -> bool:
    """Whether a label names a program or a suite of them (``Office suite``, ``Büropaket``)."""
    words = words_of(label[:80])
    programs = {name for (name,) in _names(_A_PROGRAM)}
    return any(word in programs or word.endswith(_PROGRAM_ENDS) for word in words)


# How compound words end that name one.
_PROGRAM_ENDS = ("paket", "pakket", "programm", "programma", "anwendung", "suite")


@lru_cache(maxsize=1024)
def is_licence_of_program(heading: str) -> bool:
    """Whether a heading speaks of the licence of something other than the system (``Licence of the office suite``)."""
    if any((option,) in _names(_A_PROGRAM) for option in OPTION.findall(heading[:80].casefold())):
        return True  # ``rights --programs``
    words = [(word,) for word in words_of(heading[:80])]
    return all(any(word in _names(them) for word in words) for them in (_LICENCE, _A_PROGRAM))
