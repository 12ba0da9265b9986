"""The trade's words in seven languages: a label that no phrase has is put into English word by word.

A row is an English word (or two that belong together) and what it is called in German, French, Spanish, Portuguese,
Italian, Dutch and Polish. Endings are cut off on both sides, and German and Dutch words are taken apart where they are
joined (``Treiberversion``), so that a word stands here once.
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from functools import lru_cache

from yes_tally.core.reading.meaning.labels import words_of

_LANGUAGES = ("de", "fr", "es", "pt", "it", "nl", "pl")

_ROWS = """
access | zugriff | acces | acceso | acesso | accesso | toegang | dostep
account | konto, benutzerkonto | compte | cuenta | conta | account | account, gebruikersaccount | konto
action | aktion | action | accion | acao | azione | actie | akcja, dzialanie
activated | aktiviert | active | activado | ativado | attivato | geactiveerd | aktywowany
activation | aktivierung | activation | activacion | ativacao | attivazione | activering | aktywacja
active | aktiv | actif, active | activo | ativo | attivo | actief | aktywny
actual | tatsachlich, wirklich | reel, effectif | real, efectivo | real, efetivo | reale, effettivo | werkelijk, feitelijk | rzeczywisty
adapter | adapter, karte | adaptateur, carte | adaptador, tarjeta | adaptador, placa | adattatore, scheda | adapter, kaart | adapter, karta
added | hinzugefugt | ajoute | anadido, agregado | adicionado | aggiunto | toegevoegd | dodany
address | adresse | adresse | direccion | endereco | indirizzo | adres | adres
administrator | administrator, admin | administrateur | administrador | administrador | amministratore | beheerder | administrator
all | alle, allen | tous, toutes | todos, todas | todos, todas | tutti, tutte | alle | wszystkie
amount | menge | quantite, montant | cantidad | quantidade | quantita | hoeveelheid | ilosc
answer | antwort | reponse | respuesta | resposta | risposta | antwoord | odpowiedz
answered | beantwortet, geantwortet | repondu | respondido, contestado | respondido | risposto | beantwoord | odpowiedzi
application | anwendung | application | aplicacion | aplicacao, aplicativo | applicazione | toepassing, applicatie | aplikacja
applied | angewendet, eingespielt | applique | aplicado | aplicado | applicato | toegepast | zastosowany
architecture | architektur | architecture | arquitectura | arquitetura | architettura | architectuur | architektura
area | bereich | domaine, zone | area, ambito | area | area, ambito | gebied | obszar
as | als | tant que, comme | como | como | come | als | jako
asked | gefragt, angefragt, befragt | interroge, demande | preguntado, consultado | perguntado, consultado | chiesto, interrogato | gevraagd | zapytany
asset | inventar, anlage | inventaire | inventario | inventario, patrimonio | inventario, cespite | inventaris | inwentarz, inwentarzowy
audit | uberwachung, prufung | audit | auditoria | auditoria | controllo | controle | inspekcja
author | autor, verfasser | auteur | autor | autor | autore | auteur | autor
automatic | automatisch | automatique | automatico | automatico | automatico | automatisch | automatyczny
available | verfugbar | disponible | disponible | disponivel | disponibile | beschikbaar | dostepny
average | mittel, mittelwert, durchschnitt, durchschnittlich | moyenne, moyen | media, promedio | media, medio | media, medio | gemiddelde, gemiddeld | srednia, sredni
bandwidth | bandbreite | bande passante | ancho banda | largura banda | banda | bandbreedte | pasmo
bank | bank | banc, banque | banco | banco | banco | bank | bank
battery | akku, batterie | batterie | bateria | bateria | batteria | accu, batterij | bateria, akumulator
belongs | gehort | appartient | pertenece | pertence | appartiene | hoort | nalezy
best | beste, bester, bestes, schnellste | meilleur, meilleure | mejor | melhor | migliore | beste | najlepszy
bit | bit | bit | bit | bit | bit | bit | bit, bitowy
board | platine, hauptplatine | carte mere | placa | placa mae | scheda madre | moederbord | plyta glowna
boot | start, boot | demarrage, amorcage | arranque | inicializacao, arranque | avvio | opstart, opstarten | rozruch, uruchomienie, rozruchowy
bootable | startfahig, bootfahig | amorcable, demarrable | arrancable | inicializavel | avviabile | opstartbaar | rozruchowy
booted | gestartet, hochgefahren | demarre | arrancado, iniciado | iniciado | avviato | opgestart | uruchomiony
build | build, buildnummer | build, compilation | compilacion | compilacao | build, compilazione | build | kompilacja
bus | bus | bus | bus | barramento | bus | bus | magistrala
by | durch, von | par | por | por | da | door | przez
cable | kabel | cable | cable | cabo | cavo | kabel | kabel
cache | cache, zwischenspeicher | cache, antememoire | cache | cache | cache | cache | cache, pamiec podreczna
called | genannt, heisst | appele, nomme | llamado | chamado | chiamato | genoemd, heet | zwany, nazywa
capacity | kapazitat | capacite | capacidad | capacidade | capacita | capaciteit | pojemnosc
card | karte | carte | tarjeta | placa | scheda | kaart | karta
case | gehause | boitier, chassis | caja, chasis | gabinete, caixa | case, telaio | behuizing, kast | obudowa
category | kategorie | categorie | categoria | categoria | categoria | categorie | kategoria
cell | zelle | cellule, element | celda | celula | cella | cel | ogniwo
changed | geandert | change, modifie | cambiado, modificado | alterado, mudado | modificato, cambiato | gewijzigd | zmieniony
channel | kanal | canal | canal | canal | canale | kanaal | kanal
character | zeichen | caractere | caracter, caracteres | caractere, caracteres | carattere | teken, tekens | znak, znakow
charge | ladung | charge | carga | carga | carica | lading | ladunek
charged | geladen, aufgeladen | charge | cargado | carregado | caricato | geladen, opgeladen | naladowany
check | prufung, uberprufung | verification, controle | comprobacion, verificacion | verificacao | controllo, verifica | controle | sprawdzenie, kontrola
checked | gepruft, uberpruft | verifie, controle | comprobado, verificado | verificado | controllato, verificato | gecontroleerd | sprawdzony
chip | chip | puce | chip | chip | chip | chip | uklad
clock | takt, taktrate | horloge, cadence | reloj | relogio | clock | klok, kloksnelheid | zegar, taktowanie
code | code | code | codigo | codigo | codice | code | kod
command | befehl | commande | comando, orden | comando | comando | opdracht | polecenie
company | firma | entreprise, societe | empresa | empresa | azienda | bedrijf | firma
computer | rechner, computer | ordinateur, poste | equipo, ordenador, computadora | computador | computer, elaboratore | computer | komputer
condition | zustand | etat | estado, condicion | condicao | condizione | toestand, conditie | stan
connected | verbunden, angeschlossen | connecte, branche | conectado | conectado | connesso, collegato | verbonden, aangesloten | polaczony, podlaczony
connection | verbindung | connexion | conexion | conexao | connessione | verbinding | polaczenie
connector | anschluss, stecker | connecteur | conector | conector | connettore | aansluiting | zlacze
content | inhalt | contenu | contenido | conteudo | contenuto | inhoud | zawartosc
core | kern | cœur, coeur | nucleo | nucleo | nucleo, core | kern | rdzen
cost | kosten, aufwand | cout | coste, costo | custo | costo | kosten | koszt
count | anzahl | nombre | cantidad, numero | quantidade | quantita, numero | aantal | liczba, ilosc
created | erstellt, angelegt | cree | creado | criado | creato | aangemaakt | utworzony
current | derzeit, derzeitig, aktuell, momentan, jetzt | actuel, actuellement, courant, present | actual, actualmente | atual, atualmente, corrente | attuale, attualmente, corrente | huidig, momenteel, actueel | biezacy, obecny, aktualny, obecnie
cycle | zyklus, zyklen, ladezyklus, ladezyklen | cycle | ciclo | ciclo | ciclo | cyclus, cycli, laadcyclus, laadcycli | cykl, cykli
date | datum | date | fecha | data | data | datum | data
day | tag | jour | dia | dia | giorno | dag | dzien, dni
dedicated | eigen, dediziert | dedie | dedicado | dedicado | dedicato | toegewezen | dedykowany
default | standard, vorgabe | defaut | predeterminado, defecto | padrao | predefinito | standaard | domyslny
description | beschreibung | description | descripcion | descricao | descrizione | omschrijving, beschrijving | opis
design | auslegung, nenn | conception, origine, nominal | diseno | projeto, desenho | progetto | ontwerp | projekt, projektowy
desktop | schreibtisch, arbeitsplatz | bureau | escritorio | secretaria | desktop | bureaublad | pulpit
destination | ziel | destination | destino | destino | destinazione | bestemming, doel | cel, docelowy
device | gerat | appareil, peripherique | dispositivo, periferico | dispositivo, periferico | dispositivo, periferica | apparaat | urzadzenie
directory | verzeichnis | repertoire | directorio | diretorio | directory, cartella | map | katalog
disk | datentrager, festplatte, platte, laufwerk | disque | disco | disco | disco | schijf, station | dysk
display | bildschirm, monitor, anzeige | ecran, moniteur | pantalla, monitor | tela, monitor, ecra | schermo, monitor | beeldscherm, scherm, monitor | monitor, ekran
distance | entfernung | distance | distancia | distancia | distanza | afstand | odleglosc
domain | domane | domaine | dominio | dominio | dominio | domein | domena
drive | laufwerk | lecteur | unidad | unidade | unita | station, schijf | naped, stacja
driver | treiber | pilote | controlador | driver, controlador | driver | stuurprogramma, driver | sterownik
due | fallig | prevu, echeance | previsto | previsto | previsto | gepland | planowany
earliest | fruheste, fruhester | plus ancien | mas antiguo | mais antigo | piu vecchio | vroegste | najwczesniejszy
edition | ausgabe, edition | edition | edicion | edicao | edizione | editie | edycja, wydanie
empty | leer, frei, unbelegt | vide | vacio | vazio | vuoto | leeg | pusty
enabled | aktiviert, freigegeben, eingeschaltet | active | habilitado, activado | habilitado, ativado | abilitato, attivato | ingeschakeld | wlaczony
encrypted | verschlusselt | chiffre, crypte | cifrado, encriptado | criptografado, cifrado | cifrato, crittografato | versleuteld | zaszyfrowany
encryption | verschlusselung | chiffrement, cryptage | cifrado, encriptacion | cifragem, encriptacao, criptografia | cifratura, crittografia | versleuteling | szyfrowanie
end | ende, endet | fin, finit | fin, termina | fim, termina | fine, termina | einde, eindigt | koniec, konczy
ended | beendet, geendet | termine, fini | terminado, finalizado | terminado, concluido | terminato, finito | beeindigd, geeindigd | zakonczony
ends | endet | finit, termine | termina, acaba | termina, acaba | termina, finisce | eindigt | konczy
entry | eintrag | entree | entrada | entrada | voce | vermelding, invoer | wpis
environment | umgebung | environnement | entorno | ambiente | ambiente | omgeving | srodowisko
error | fehler | erreur | error | erro | errore | fout | blad
event | ereignis | evenement | evento, suceso | evento | evento | gebeurtenis | zdarzenie
executable | programmdatei, ausfuhrbar | executable | ejecutable | executavel | eseguibile | uitvoerbaar | wykonywalny
expires | ablauft, lauft ab, verfallt, ablauf | expire, echeance | caduca, vence, expira | expira, vence | scade | verloopt, vervalt | wygasa
expiry | ablauf, ablaufdatum | expiration, echeance | caducidad, vencimiento | validade, vencimento | scadenza | vervaldatum, verloopdatum | wygasniecie, waznosc
far | fern, gegenstelle | distant | lejano | distante | lontano | ver | daleki
fastest | schnellste | plus rapide | mas rapido | mais rapido | piu veloce | snelste | najszybszy
fault | storung, defekt | defaut, panne | fallo, averia | falha | guasto, difetto | storing | usterka
file | datei | fichier | archivo, fichero | arquivo, ficheiro | file | bestand | plik
file system | dateisystem | systeme fichiers | sistema archivos, sistema ficheros | sistema arquivos, sistema ficheiros | file system | bestandssysteem | system plikow
firewall | firewall | pare feu | cortafuegos | firewall | firewall | firewall | zapora
firmware | firmware | micrologiciel, firmware | firmware | firmware | firmware | firmware | oprogramowanie ukladowe
fitted | bestuckt, verbaut, eingebaut | monte, equipe | montado | montado | montato | geplaatst, gemonteerd | zamontowany
five | funf | cinq | cinco | cinco | cinque | vijf | piec
fix | korrektur, fix | correctif | correccion | correcao | correzione | correctie | poprawka
flag | kennzeichen, merkmal | indicateur, attribut | indicador, marca | indicador, sinalizador | attributo, indicatore | vlag, kenmerk | flaga
folder | ordner, verzeichnis | dossier, repertoire | carpeta, directorio | pasta, diretorio | cartella, directory | map | folder, katalog
form | bauform, bauart | format, facteur forme | factor forma | formato | formato, fattore forma | vormfactor, uitvoering | obudowa, format
format | format | format | formato | formato | formato | formaat, indeling | format
formatted | formatiert | formate | formateado | formatado | formattato | geformatteerd | sformatowany
found | gefunden | trouve | encontrado, hallado | encontrado | trovato | gevonden | znaleziony
free | frei | libre | libre | livre | libero | vrij | wolny
frequency | frequenz, taktfrequenz | frequence | frecuencia | frequencia | frequenza | frequentie | czestotliwosc
from | von, vom, ab | de, du, depuis | desde | de, desde | da, dal, dalla | van, vanaf | od
full | voll, vollstandig | plein, complet | completo, lleno | completo, cheio, total | completo, pieno | volledig, vol | pelny
gateway | gateway | passerelle | puerta enlace, pasarela | gateway | gateway | gateway | brama
generation | generation | generation | generacion | geracao | generazione | generatie | generacja
grace | karenz, schonfrist, nachfrist, kulanz, kulanzfrist, toleranz | grace, delai grace, sursis | gracia, prorroga | carencia, tolerancia, graca | tolleranza, grazia | respijt, uitstel | karencja, prolongata
graphics | grafik, grafikkarte | graphique, carte graphique | graficos, tarjeta grafica, grafica | graficos, placa video, grafica | grafica, scheda video, scheda grafica | grafisch, videokaart | grafika, karta graficzna
group | gruppe | groupe | grupo | grupo | gruppo | groep | grupa
hard disk | festplatte | disque dur | disco duro | disco rigido | disco rigido | harde schijf | dysk twardy
hardware | hardware, gerat | materiel | hardware, equipo | hardware | hardware | hardware | sprzet, sprzetowy
health | gesundheit, zustand | sante, etat | salud | saude, integridade | salute, integrita | gezondheid, conditie | kondycja, stan
height | hohe | hauteur | alto, altura | altura | altezza | hoogte | wysokosc
here | hier | ici | aqui | aqui | qui | hier | tutaj
holds | fasst, halt | contient | contiene, guarda | contem | contiene | bevat | miesci
host | host, rechner | hote | host, anfitrion | host, anfitriao | host | host | host
id | kennung, kennzeichen, id | identifiant, id | identificador, id | identificador, id | identificativo, id | id, kenmerk | identyfikator, id
in use | in gebrauch, in benutzung | en service, utilisation | en uso | em uso | in uso | in gebruik | w uzyciu
inbound | eingehend | entrant | entrante | entrada | entrata | inkomend | przychodzacy
incoming | eingehend, ankommend | entrant | entrante | entrada, entrante | in entrata, entrante | inkomend, binnenkomend | przychodzacy
initial | anfang, anfangs, anfanglich | initial | inicial | inicial | iniziale | begin, aanvankelijk | poczatkowy
installation | installation, einrichtung | installation | instalacion | instalacao | installazione | installatie | instalacja
installed | installiert, eingebaut, verbaut, vorhanden | installe | instalado | instalado | installato | geinstalleerd | zainstalowany
interface | schnittstelle | interface | interfaz | interface | interfaccia | interface | interfejs
inventory | inventar | inventaire | inventario | inventario | inventario | inventaris | inwentarz
job | auftrag | travail | trabajo | trabalho | lavoro, processo | taak, opdracht | praca, zadanie
joined | beigetreten, verbunden | rejoint, joint | unido | ingressado, unido | unito, associato | toegetreden, lid | dolaczony
key | schlussel | cle | clave | chave | chiave | sleutel | klucz
kind | art | genre, nature | clase | espécie | genere | soort | rodzaj
label | bezeichnung, beschriftung | libelle, etiquette, nom volume | etiqueta | rotulo, etiqueta | etichetta | label, etiket | etykieta
language | sprache | langue | idioma, lengua | idioma, lingua | lingua | taal | jezyk
last | letzt, zuletzt | dernier, derniere | ultimo | ultimo | ultimo | laatste, laatst | ostatni
lease | lease, mietdauer, leasedauer | bail, concession | concesion, arrendamiento, alquiler | concessao, aluguer, locacao | lease, concessione, noleggio | lease, huur | dzierzawa, najem
leased | geleast, gemietet | loue | concedido, arrendado | concedido | concesso | geleased | dzierzawiony
left | ubrig, verbleibend, verbleiben | restant | restante | restante | rimanente, restante, rimasto | resterend, over | pozostalo, pozostaly
length | lange | longueur | longitud | comprimento | lunghezza | lengte | dlugosc
letter | buchstabe, laufwerksbuchstabe | lettre | letra | letra | lettera | letter, stationsletter | litera
level | stufe, ebene, schweregrad | niveau, gravite | nivel | nivel | livello | niveau | poziom
licence | lizenz | licence | licencia | licenca | licenza | licentie | licencja
limit | grenze, hochstgrenze | limite | limite | limite | limite | limiet, grens | limit
link | verbindung | lien | enlace | link, ligacao | collegamento | verbinding | lacze
listening | abhorend, lauschend, wartend | ecoute | escucha, escuchando | escuta | ascolto | luisterend | nasluchiwanie
local | lokal | local | local | local | locale | lokaal | lokalny
location | ort, standort, lage | emplacement, lieu | ubicacion | localizacao | posizione | locatie, plaats | polozenie
locked | gesperrt | verrouille | bloqueado | bloqueado | bloccato | vergrendeld | zablokowany
logged | protokolliert, aufgezeichnet | consigne, journalise | registrado | registrado | registrato | vastgelegd | zapisany
logged in | angemeldet, eingeloggt | connecte | conectado, con sesion | conectado | connesso, collegato | aangemeld, ingelogd | zalogowany
logical | logisch | logique | logico | logico | logico | logisch | logiczny
logon | anmeldung | connexion, ouverture session | inicio sesion | logon, inicio sessao | accesso | aanmelding | logowanie
loss | verlust | perte | perdida | perda | perdita | verlies | strata
lost | verloren | perdu | perdido | perdido | perso | verloren | utracony, stracony
machine | maschine, gerat | machine | maquina, equipo | maquina | macchina | machine | maszyna
maker | hersteller | fabricant, constructeur, marque | fabricante, marca | fabricante, marca | produttore, fabbricante, costruttore, marca | fabrikant, merk | producent, marka
mask | maske, netzmaske, subnetzmaske | masque | mascara | mascara | maschera | masker, subnetmasker | maska
maximum | hochstens, maximal, maximum, hochst | maximum, maximal, max, maxi | maximo | maximo | massimo | maximaal, maximum, hoogste | maksymalny, maksimum
mean | mittel, durchschnitt | moyenne | media | media | media | gemiddelde | srednia
media | medientyp, medium | support, media | medio, soporte | midia, suporte | supporto | medium | nosnik
member | mitglied | membre | miembro | membro | membro | lid | czlonek
memory | speicher, arbeitsspeicher, hauptspeicher, ram | memoire | memoria | memoria | memoria | geheugen, werkgeheugen | pamiec
message | meldung, nachricht | message | mensaje | mensagem | messaggio | bericht, melding | komunikat, wiadomosc
metric | metrik | metrique | metrica | metrica | metrica | metriek | metryka
minimum | minimal, minimum, mindestens, kleinste | minimum, minimal, min | minimo | minimo | minimo | minimaal, minimum, kleinste | minimum, minimalny, najmniejszy
mode | modus, betriebsart | mode | modo | modo | modalita | modus | tryb
model | modell | modele | modelo | modelo | modello | model | model
module | modul, riegel, speicherriegel | module, barrette | modulo | modulo, pente | modulo, banco | module | modul
monitor | bildschirm, monitor | ecran, moniteur | monitor, pantalla | monitor, ecra, tela | monitor, schermo | beeldscherm, monitor | monitor, ekran
mount | einhangepunkt | montage, point montage | montaje, punto montaje | montagem, ponto montagem | montaggio, punto montaggio | koppelpunt, aankoppelpunt | montowanie, punkt montowania
mounted | eingehangt | monte | montado | montado | montato | aangekoppeld | zamontowany
name | name, bezeichnung | nom | nombre | nome | nome | naam | nazwa
name server | nameserver, namensserver | serveur noms | servidor nombres | servidor nomes | server nomi | naamserver | serwer nazw
network | netz, netzwerk | reseau | red | rede | rete | netwerk | siec, sieciowy
new | neu | neuf, nouveau | nuevo | novo | nuovo | nieuw | nowy
next | nachst | prochain, prochaine | proximo, siguiente | proximo | prossimo | volgend | nastepny
note | hinweis, anmerkung | note, remarque | nota, aviso | nota, observacao | nota, avviso | opmerking | uwaga
now | jetzt, gerade, derzeit | maintenant | ahora | agora | adesso, ora | nu | teraz
number | nummer, nr | numero, no | numero, nro | numero, nr | numero | nummer, nr | numer, nr
obtained | erhalten, bezogen | obtenu | obtenido | obtido | ottenuto | verkregen | uzyskany
oldest | altest | plus ancien, ancien | mas antiguo, antiguo | mais antigo, antigo | piu vecchio, vecchio | oudste | najstarszy
operating system | betriebssystem | systeme exploitation | sistema operativo | sistema operacional, sistema operativo | sistema operativo | besturingssysteem | system operacyjny
order | reihenfolge | ordre | orden | ordem | ordine | volgorde | kolejnosc
organization | organisation | organisation | organizacion | organizacao | organizzazione | organisatie | organizacja
original | ursprunglich, original | origine, original | original | original | originale | oorspronkelijk | pierwotny, oryginalny
outbound | ausgehend | sortant | saliente | saida | uscita | uitgaand | wychodzacy
outcome | ergebnis, ausgang | resultat, issue | resultado | resultado | esito | uitkomst | wynik
outgoing | ausgehend, abgehend | sortant | saliente | saida | uscita, uscente, in uscita | uitgaand | wychodzacy
owner | besitzer, eigentumer, inhaber | proprietaire | propietario | proprietario | proprietario | eigenaar | wlasciciel
owning | besitzend | proprietaire | propietario | proprietario | proprietario | eigenaar | wlasciciel
package | paket | paquet | paquete | pacote | pacchetto | pakket | pakiet
packet | paket | paquet | paquete | pacote | pacchetto | pakket | pakiet
page file | auslagerungsdatei | fichier echange | archivo paginacion | arquivo paginacao | file paging | wisselbestand | plik stronicowania
part number | teilenummer, artikelnummer, teilenr, teile nr | reference, numero piece, ref | numero pieza, referencia, pieza | numero peca, part number, peca | codice parte, numero parte, codice componente | onderdeelnummer, artikelnummer | numer czesci
partition | partition | partition | particion | particao | partizione | partitie | partycja
password | passwort, kennwort | passe, mot passe | contrasena | senha, palavra passe | password | wachtwoord | haslo
path | pfad | chemin | ruta | caminho | percorso | pad | sciezka
period | zeitraum, frist | periode, delai | periodo, plazo | periodo, prazo | periodo | periode, termijn | okres
permanent | dauerhaft, unbefristet | permanent, permanente, illimite | permanente | permanente | permanente | permanent, blijvend | trwaly, bezterminowy
person | person | personne | persona | pessoa | persona | persoon | osoba
physical | physisch | physique | fisico | fisico | fisico | fysiek | fizyczny
pin | pin, kontakt | broche, contact | pin, contacto, patilla | pino, contato | pin, contatto | pin, contact | pin, styk
place | platz, ort | place, lieu | lugar, sitio | lugar | posto, luogo | plek, plaats | miejsce
plugged | eingesteckt, angesteckt | branche | enchufado | ligado | inserito | aangesloten | podlaczony
policy | richtlinie | strategie | directiva | politica, diretiva | criterio | beleid | zasada
port | anschluss, port | port | puerto | porta | porta | poort | port
position | position | position | posicion | posicao | posizione | positie | pozycja
preferred | bevorzugt | prefere | preferido | preferido | preferito | voorkeur | preferowany
previous | vorherig, vorig | precedent | anterior, previo | anterior | precedente | vorig | poprzedni
printer | drucker | imprimante | impresora | impressora | stampante | printer | drukarka
priority | prioritat | priorite | prioridad | prioridade | priorita | prioriteit | priorytet
problem | problem | probleme | problema | problema | problema | probleem | problem
process | prozess, vorgang | processus | proceso | processo | processo | proces | proces
processor | prozessor | processeur | procesador | processador | processore | processor | procesor
product | produkt | produit | producto | produto | prodotto | product | produkt
product number | produktnummer | numero produit | numero producto | numero produto | numero prodotto | productnummer | numer produktu
profile | profil | profil | perfil | perfil | profilo | profiel | profil
program | programm | programme, logiciel | programa | programa | programma | programma | program
protected | geschutzt | protege | protegido | protegido | protetto | beveiligd | chroniony
protocol | protokoll | protocole | protocolo | protocolo | protocollo | protocol | protokol
published | veroffentlicht, herausgegeben | publie, edite | publicado | publicado | pubblicato | uitgegeven | wydany
publisher | herausgeber, verlag | editeur | editor | editor, fornecedor | autore, editore | uitgever | wydawca
put in | eingebaut, eingesetzt, eingespielt | mis, place, pose | puesto, colocado | colocado, posto | messo, montato | geplaatst, aangebracht | wlozony, zalozony
ran | gelaufen, ausgefuhrt | execute, lance | ejecutado | executado | eseguito | uitgevoerd, gelopen | wykonano, uruchomiono
radio | funk | radio | radio | radio | radio | radio | radio
rate | rate, ubertragungsrate | debit, taux | tasa, velocidad | taxa | velocita, frequenza | snelheid | predkosc, szybkosc
rated | nennwert, nenn, nominell, nominal | nominal, nominale | nominal | nominal | nominale | nominaal | znamionowy, nominalny
read only | schreibgeschutzt | lecture seule | solo lectura | somente leitura, so leitura | sola lettura | alleen lezen | tylko odczytu, odczyt
real | wirklich, real | reel | real | real | reale | echt | rzeczywisty
received | empfangen | recu | recibido | recebido | ricevuto | ontvangen | odebrany
recorded | aufgezeichnet, erfasst | enregistre | registrado | gravado, registado | registrato | vastgelegd, geregistreerd | rejestrowany, zapisany
refresh | bildwiederholrate | rafraichissement | refresco, actualizacion | atualizacao | aggiornamento | vernieuwingsfrequentie | odswiezanie
registered | registriert, eingetragen | enregistre | registrado | registrado | registrato | geregistreerd | zarejestrowany
release | freigabe, ausgabe | publication | publicacion, lanzamiento | lancamento | rilascio | uitgave | wydanie
remaining | verbleibend, restlich | restant | restante | restante | rimanente, residuo | resterend | pozostaly
remote | entfernt | distant | remoto | remoto | remoto | extern | zdalny
reply | antwort | reponse | respuesta | resposta | risposta | antwoord | odpowiedz
reported | gemeldet | signale | notificado, informado | relatado | segnalato | gemeld | zgloszony
required | erforderlich, notig | requis, exige, obligatoire | obligatorio, requerido, necesario | obrigatorio, exigido, necessario | richiesto, obbligatorio | vereist, verplicht | wymagany
reset | zurucksetzung, rucksetzung | reinitialisation, remise zero | restablecimiento, reinicio | reposicao, redefinicao | ripristino, reimpostazione | reset, herstel | reset, zerowanie
resolution | auflosung | resolution, definition | resolucion | resolucao | risoluzione | resolutie | rozdzielczosc
restart | neustart | redemarrage | reinicio | reinicio, reinicializacao | riavvio | herstart | restart
result | ergebnis | resultat | resultado | resultado | risultato, esito | resultaat | wynik
right | recht, rechte, berechtigung | droit | derecho, permiso | direito, permissao | diritto, permesso | recht, rechten | prawo, prawa, uprawnienia
role | rolle | role | rol, funcion | papel, funcao | ruolo | rol | rola
route | route, weg | route, itineraire | ruta | rota | percorso, rotta | route | trasa
router | router | routeur | enrutador | roteador | router | router | router
run | ausgefuhrt, ausfuhrung, lauf | execution, execute | ejecucion, ejecutado | execucao, executado | esecuzione, eseguito | uitvoering, uitgevoerd | uruchomienie, uruchomiony
run as | ausgefuhrt als, lauft als, ausgefuhrt von | execute par, execute tant que | ejecutado como, ejecutado por | executado como, executado por | eseguito come, eseguito da | uitgevoerd als, uitgevoerd door | uruchamiany jako
running | laufend, lauft | execution, cours | ejecucion, funcionamiento | execucao, funcionamento | esecuzione, funzionamento | lopend, actief | pracuje, dziala, praca
runs | lauft, startet | execute, lance | ejecuta, lanza | executa | esegue, lancia | voert uit, start | uruchamia
scheduled | geplant | planifie | programado | agendado | pianificato | gepland | zaplanowany
second | zweit | deuxieme, second | segundo | segundo | secondo | tweede | drugi
secure boot | sicherer start, sicher start | demarrage securise | arranque seguro | inicializacao segura, arranque seguro | avvio protetto, avvio sicuro | beveiligd opstarten, veilig opstarten | bezpieczny rozruch
security | sicherheit | securite | seguridad | seguranca | sicurezza | beveiliging | zabezpieczenia, bezpieczenstwo
seen | gesehen | vu | visto | visto | visto | gezien | widziany
sent | gesendet | envoye | enviado | enviado | inviato | verzonden | wyslany
serial | serie, serien | serie | serie | serie | serie, seriale, matricola | serie | seria, seryjny
serial number | seriennummer, seriennr, serien nr, fertigungsnummer | numero serie, no serie | numero serie, nro serie | numero serie | numero serie, numero seriale, matricola | serienummer, serienr | numer seryjny, nr seryjny
server | server | serveur | servidor | servidor | server | server | serwer
service | dienst | service | servicio | servico | servizio | dienst | usluga
session | sitzung | session | sesion | sessao | sessione | sessie | sesja
set up | eingerichtet, aufgesetzt | mis service, configure, mis place | configurado, preparado | configurado | configurato, preparato | ingericht, ingesteld | skonfigurowany
setting | einstellung | parametre, reglage | ajuste, configuracion | definicao, configuracao | impostazione | instelling | ustawienie
severity | schweregrad, schwere | gravite | gravedad | gravidade, severidade | gravita | ernst | waznosc
signature | signatur | signature | firma | assinatura | firma | handtekening | podpis
signed | signiert | signe | firmado | assinado | firmato | ondertekend | podpisany
since | seit | depuis | desde | desde | dal, dalle | sinds | od
size | grosse, umfang | taille | tamano | tamanho | dimensione, dimensioni | grootte, omvang | rozmiar, wielkosc
slot | steckplatz, sockel | emplacement, logement, slot | ranura, zocalo | slot, ranhura, encaixe | slot, alloggiamento | sleuf, slot | gniazdo, slot
slowest | langsamste | plus lent | mas lento | mais lento | piu lento | langzaamste | najwolniejszy
socket | sockel, steckplatz | socket, support | zocalo | soquete | zoccolo, socket | socket, voet | gniazdo
software | software | logiciel | software | software | software | software | oprogramowanie
sold | verkauft, vertrieb | vendu | vendido, venta | vendido, venda | venduto | verkocht | sprzedany
sound | ton, audio | son, audio | sonido, audio | som, audio | audio | geluid, audio | dzwiek, audio
source | quelle | source | origen | origem, fonte | origine | bron | zrodlo
space | platz, speicherplatz | espace | espacio | espaco | spazio | ruimte, schijfruimte | miejsce
speed | geschwindigkeit, tempo | vitesse, debit | velocidad | velocidade | velocita | snelheid | predkosc, szybkosc
start | start, beginn | debut, demarrage | inicio | inicio | avvio, inizio | start, begin | start, uruchomienie
started | gestartet | demarre | iniciado | iniciado | avviato | gestart | uruchomiony
state | zustand, status | etat, statut | estado | estado, situacao | stato | staat, status, toestand | stan, status
status | status | statut | estado | status, situacao | stato | status | status
still | noch | encore | aun, todavia | ainda | ancora | nog | jeszcze
style | stil, schema | style, schema | estilo, esquema | estilo, esquema | stile, schema | stijl, schema | styl, schemat
subcategory | unterkategorie | souscategorie, sous categorie | subcategoria | subcategoria | sottocategoria | subcategorie | podkategoria
supplied | geliefert | fourni | suministrado | fornecido | fornito | geleverd | dostarczony
supplier | lieferant, anbieter | fournisseur | proveedor | fornecedor | fornitore | leverancier | dostawca
supported | unterstutzt | pris charge, supporte | admitido, soportado | suportado | supportato | ondersteund | obslugiwany
system | system | systeme | sistema | sistema | sistema | systeem | system
table | tabelle | table | tabla | tabela | tabella | tabel | tabela
tag | kennzeichen | etiquette | etiqueta | etiqueta, plaqueta | etichetta | label | znacznik
target | ziel | cible | objetivo, destino | alvo, destino | bersaglio, destinazione | doel | cel
task | aufgabe | tache | tarea | tarefa | attivita, operazione | taak | zadanie
text | text | texte | texto | texto | testo | tekst | tekst
thread | thread, faden | thread, fil | hilo, subproceso | thread, segmento | thread | thread, draad, draden | watek
time | zeit, uhrzeit, zeitpunkt | heure, temps | hora, tiempo | hora, tempo | ora, tempo | tijd | czas, godzina
time zone | zeitzone | fuseau horaire | zona horaria, huso horario | fuso horario | fuso orario | tijdzone | strefa czasowa
title | titel | titre | titulo | titulo | titolo | titel | tytul
total | gesamt, insgesamt, summe | total, totale | total | total | totale | totaal | lacznie, calkowity, razem, suma
transfer | ubertragung | transfert | transferencia | transferencia | trasferimento | overdracht | transfer
trusted | vertrauenswurdig | approuve, fiable | confianza | confianca, confiavel | attendibile | vertrouwd | zaufany
type | typ | type | tipo | tipo | tipo | type | typ
unallocated | nicht zugeordnet, unbelegt, unzugeordnet | non alloue | sin asignar, no asignado | nao alocado, nao atribuido | non allocato | niet toegewezen | nieprzydzielony
until | bis | jusqu | hasta | ate | fino | tot | do
unused | unbenutzt, ungenutzt | inutilise | sin usar, no usado | nao usado | inutilizzato | ongebruikt | nieuzywany
up to | bis | jusqu | hasta | ate | fino | tot | do
update | aktualisierung, update | mise jour, correctif | actualizacion, revision | atualizacao | aggiornamento | update, bijwerking | aktualizacja, poprawka
usable | nutzbar, verwendbar | utilisable, exploitable | utilizable, util | utilizavel, util | utilizzabile | bruikbaar | uzyteczny, dostepny
usage | nutzung, verbrauch, auslastung | utilisation, consommation | uso, consumo | uso, utilizacao, consumo | uso, utilizzo, consumo | gebruik, verbruik | uzycie, zuzycie
used | belegt, benutzt, verwendet | utilise, occupe | usado, ocupado | usado, ocupado | usato, occupato, utilizzato | gebruikt | uzywany, zajety
user | benutzer, anwender | utilisateur | usuario | usuario, utilizador | utente | gebruiker | uzytkownik
valid | gultig | valide, valable | valido | valido | valido | geldig | wazny
value | wert | valeur | valor | valor | valore | waarde | wartosc
variable | variable | variable | variable | variavel | variabile | variabele | zmienna
vendor | anbieter | fournisseur | proveedor | fornecedor | fornitore | leverancier | dostawca
version | version, fassung | version | version | versao | versione | versie | wersja
video | video, grafik | video | video | video | video | video | wideo
virtualization | virtualisierung | virtualisation | virtualizacion | virtualizacao | virtualizzazione | virtualisatie | wirtualizacja
volume | volumen, volume, datentrager | volume | volumen | volume | volume | volume | wolumin
warning | warnung | avertissement | advertencia | aviso, advertencia | avviso | waarschuwing | ostrzezenie
what | was | quoi | que | que | cosa | wat | co
when | wann | quand | cuando | quando | quando | wanneer | kiedy
width | breite | largeur | ancho, anchura | largura | larghezza | breedte | szerokosc
wireless | drahtlos, funknetz | sans fil | inalambrico | sem fio | senza fili, wireless | draadloos | bezprzewodowy
workgroup | arbeitsgruppe | groupe travail | grupo trabajo | grupo trabalho | gruppo lavoro | werkgroep | grupa robocza
worst | schlechteste, langsamste | pire | peor | pior | peggiore | slechtste | najgorszy
write | schreib | ecriture | escritura | gravacao, escrita | scrittura | schrijf | zapis
"""

# What may be left off the end of a word, the longest first; what is left keeps three letters.
_ENDINGS = {
    "de": ("ungen", "ern", "en", "em", "er", "es", "e", "n", "s"),
    "fr": ("ees", "ee", "es", "e", "s"),
    "es": ("os", "as", "es", "o", "a", "e", "s"),
    "pt": ("os", "as", "es", "o", "a", "e", "s"),
    "it": ("o", "a", "e", "i"),
    "nl": ("en", "e", "n", "s"),
    "pl": ("owych", "owego", "owej", "owy", "owa", "owe", "ego", "emu", "ych", "ich", "ymi", "ami", "ej", "em", "om", "ow", "ia", "ie",
           "y", "a", "e", "i", "u", "o"),
}  # fmt: skip
_STEM = 3
_JOINING = {"de": ("", "s", "n", "en", "es", "er", "ungs"), "nl": ("", "s", "e", "en")}
_SHORTEST_PART = 3
_MOST_WORDS = 6
_LONGEST_WORD = 40
_SPOKEN = re.compile(r"[^\W\d_]")

Words = tuple[str, ...]


@lru_cache(maxsize=16384)
def _stem(word: str, language: str) -> str:
    for ending in _ENDINGS[language]:
        if word.endswith(ending) and len(word) - len(ending) >= _STEM:
            return _stem(word[: -len(ending)], language)
    return word


@lru_cache(maxsize=1)
def _glossaries() -> dict[str, dict[Words, tuple[str, ...]]]:
    """By language: the stems of a foreign word (or words) to the English words that it may be."""
    found: dict[str, dict[Words, tuple[str, ...]]] = {language: {} for language in _LANGUAGES}
    for row in _ROWS.strip().splitlines():
        english, *cells = (cell.strip() for cell in row.split("|"))
        for language, cell in zip(_LANGUAGES, cells, strict=True):
            for entry in cell.split(","):
                stems = tuple(_stem(word, language) for word in words_of(entry))
                known = found[language].get(stems, ())
                if english not in known:
                    found[language][stems] = (*known, english)
    return found


@lru_cache(maxsize=1)
def _longest() -> int:
    return max(len(stems) for glossary in _glossaries().values() for stems in glossary)


@lru_cache(maxsize=1)
def _stems() -> dict[str, frozenset[str]]:
    """By language: the stems of all words of its glossary, alone or of several."""
    return {
        language: frozenset(stem for stems in glossary for stem in stems)
        for language, glossary in _glossaries().items()
    }


@lru_cache(maxsize=65536)
def _languages_of(word: str) -> tuple[str, ...]:
    """The languages in whose glossary a word stands, or both parts of it when it is a joined one."""
    return tuple(
        language
        for language, stems in _stems().items()
        if _stem(word, language) in stems or (not word.isdigit() and _parts(word, language))
    )


def _languages_that_have(words: Words, english: frozenset[str]) -> list[str]:
    """The languages whose glossary has one of the words at least, and every one that is neither English nor a number."""
    having = [(word, _languages_of(word)) for word in words]
    strange = [languages for word, languages in having if word not in english and not word.isdigit()]
    return [
        language
        for language in _LANGUAGES
        if all(language in languages for languages in strange) and any(language in languages for _, languages in having)
    ]


@lru_cache(maxsize=16384)
def in_english(label: str, english: frozenset[str]) -> tuple[str, ...]:
    """What a label of another language may be in English, likeliest first; empty where one of its words is not known.
    ``english``: the words that English phrases have.

    At least one word is translated; one that stands in no glossary stays as it is where English has it too (``BIOS``).
    """
    words = words_of(label)
    if not 0 < len(words) <= _MOST_WORDS or max(map(len, words)) > _LONGEST_WORD or not _SPOKEN.search(label):
        return ()
    found: list[str] = []
    for language in _languages_that_have(words, english):
        for put in _translated(words, language, english):
            text = " ".join(put)
            if put != words and text not in found:
                found.append(text)
    return tuple(found[:8])


def _translated(words: Words, language: str, english: frozenset[str]) -> Iterator[Words]:
    """Each way to put words into English by one language's glossary, whole."""
    glossary = _glossaries()[language]
    ways: list[Words] = [()]
    at = 0
    while at < len(words):
        for length in range(min(_longest(), len(words) - at), 0, -1):
            part = words[at : at + length]
            found = glossary.get(tuple(_stem(word, language) for word in part))
            if found:
                break
        else:
            word, length = words[at], 1
            found = _parts(word, language) or ((word,) if word in english or word.isdigit() else ())
        if not found:
            return
        ways = [(*way, *entry.split()) for way in ways for entry in found[:2]]
        at += length
    yield from ways[:4]


def _parts(word: str, language: str) -> tuple[str, ...]:
    """A joined word (``treiberversion``) as the English of its parts; empty where it is none."""
    glossary = _glossaries()[language]
    for joining in _JOINING.get(language, ()):
        for at in range(_SHORTEST_PART, len(word) - _SHORTEST_PART + 1):
            first, second = word[:at], word[at:]
            if joining and not first.endswith(joining):
                continue
            head = glossary.get((_stem(first[: len(first) - len(joining)], language),))
            tail = glossary.get((_stem(second, language),))
            if head and tail:
                return tuple(f"{a} {b}" for a in head[:2] for b in tail[:1])
    return ()
