"""Tables and sheets of one PC in every language: their heads in the words of a technician who writes it."""

import unittest

from tests.core.layouts import LAYOUTS
from tests.core.readings import told

LANGUAGES = ("en", "de", "fr", "es", "pt", "it", "nl", "pl")
# The third of December 2024.
DAY = {
    "en": "2024-12-03",
    "de": "03.12.2024",
    "fr": "03/12/2024",
    "es": "03/12/2024",
    "pt": "03/12/2024",
    "it": "03/12/2024",
    "nl": "03-12-2024",
    "pl": "03.12.2024",
}
# By the thing that a table lists: its title and heads, its rows (``{day}`` and numbers stand for what differs by
# language), the words for these numbers, and the fields and values of each row.
TABLES = {
    "update": {
        "heads": {
            "en": "Installed updates|Number|Installed on|Title",
            "de": "Installierte Updates|Nummer|Installiert am|Titel",
            "fr": "Mises à jour installées|Numéro|Installée le|Titre",
            "es": "Actualizaciones instaladas|Número|Instalada el|Título",
            "pt": "Atualizações instaladas|Número|Instalada em|Título",
            "it": "Aggiornamenti installati|Numero|Installato il|Titolo",
            "nl": "Geïnstalleerde updates|Nummer|Geïnstalleerd op|Titel",
            "pl": "Zainstalowane aktualizacje|Numer|Zainstalowano|Tytuł",
        },
        "rows": ("HU-24117|{day}|Winter roll-up", "HU-24118|{day}|Spring roll-up"),
        "words": {},
        "expected": (
            "id installed_at title",
            ("HU-24117", "2024-12-03", "Winter roll-up"),
            ("HU-24118", "2024-12-03", "Spring roll-up"),
        ),
    },
    "software": {
        "heads": {
            "en": "Installed programs|Name|Version|Publisher|Installed on",
            "de": "Installierte Programme|Name|Version|Herausgeber|Installiert am",
            "fr": "Programmes installés|Nom|Version|Éditeur|Installé le",
            "es": "Programas instalados|Nombre|Versión|Editor|Instalado el",
            "pt": "Programas instalados|Nome|Versão|Editor|Instalado em",
            "it": "Programmi installati|Nome|Versione|Editore|Installato il",
            "nl": "Geïnstalleerde programma's|Naam|Versie|Uitgever|Geïnstalleerd op",
            "pl": "Zainstalowane programy|Nazwa|Wersja|Wydawca|Zainstalowano",
        },
        "rows": ("Quayside Office|16.4.2|Quayside Software|{day}", "Bollard Agent|2.11.0|Bollard Works|{day}"),
        "words": {},
        "expected": (
            "name version maker installed_at",
            ("Quayside Office", "16.4.2", "Quayside Software", "2024-12-03"),
            ("Bollard Agent", "2.11.0", "Bollard Works", "2024-12-03"),
        ),
    },
    "route": {
        "heads": {
            "en": "Routing table|Destination|Mask|Gateway|Interface|Metric",
            "de": "Routingtabelle|Ziel|Maske|Gateway|Schnittstelle|Metrik",
            "fr": "Table de routage|Destination|Masque|Passerelle|Interface|Métrique",
            "es": "Tabla de rutas|Destino|Máscara|Puerta de enlace|Interfaz|Métrica",
            "pt": "Tabela de rotas|Destino|Máscara|Gateway|Interface|Métrica",
            "it": "Tabella di routing|Destinazione|Maschera|Gateway|Interfaccia|Metrica",
            "nl": "Routetabel|Bestemming|Masker|Gateway|Interface|Metriek",
            "pl": "Tabela tras|Cel|Maska|Brama|Interfejs|Metryka",
        },
        "rows": ("0.0.0.0|0.0.0.0|10.20.1.1|eth0|25", "10.20.1.0|255.255.255.0|-|eth0|281"),
        "words": {},
        "expected": (
            "destination mask gateway interface metric",
            ("0.0.0.0", "0.0.0.0", "10.20.1.1", "eth0", 25),
            ("10.20.1.0", "255.255.255.0", None, "eth0", 281),
        ),
    },
    "neighbour": {
        "heads": {
            "en": "Neighbours|Address|Physical address|Type",
            "de": "Nachbarn|Adresse|Physische Adresse|Typ",
            "fr": "Voisins|Adresse|Adresse physique|Type",
            "es": "Vecinos|Dirección|Dirección física|Tipo",
            "pt": "Vizinhos|Endereço|Endereço físico|Tipo",
            "it": "Vicini|Indirizzo|Indirizzo fisico|Tipo",
            "nl": "Buren|Adres|Fysiek adres|Type",
            "pl": "Sąsiedzi|Adres|Adres fizyczny|Typ",
        },
        "rows": ("10.20.1.1|58-9c-fc-01-22-7e|{0}", "10.20.1.9|58-9c-fc-01-22-7f|{1}"),
        "words": {
            "en": "dynamic|static",
            "de": "dynamisch|statisch",
            "fr": "dynamique|statique",
            "es": "dinámico|estático",
            "pt": "dinâmico|estático",
            "it": "dinamico|statico",
            "nl": "dynamisch|statisch",
            "pl": "dynamiczny|statyczny",
        },
        "expected": (
            "address mac kind",
            ("10.20.1.1", "58:9c:fc:01:22:7e", "dynamic"),
            ("10.20.1.9", "58:9c:fc:01:22:7f", "static"),
        ),
    },
    "printer": {
        "heads": {
            "en": "Printers|Name|Port|Driver|Default",
            "de": "Drucker|Name|Anschluss|Treiber|Standard",
            "fr": "Imprimantes|Nom|Port|Pilote|Par défaut",
            "es": "Impresoras|Nombre|Puerto|Controlador|Predeterminada",
            "pt": "Impressoras|Nome|Porta|Controlador|Predefinida",
            "it": "Stampanti|Nome|Porta|Driver|Predefinita",
            "nl": "Printers|Naam|Poort|Stuurprogramma|Standaard",
            "pl": "Drukarki|Nazwa|Port|Sterownik|Domyślna",
        },
        "rows": ("Hall printer|10.20.1.90|Gullwing 4|{0}", "Label writer|USB001|Dovecot LW|{1}"),
        "words": {
            "en": "yes|no",
            "de": "ja|nein",
            "fr": "oui|non",
            "es": "sí|no",
            "pt": "sim|não",
            "it": "sì|no",
            "nl": "ja|nee",
            "pl": "tak|nie",
        },
        "expected": (
            "name port driver default",
            ("Hall printer", "10.20.1.90", "Gullwing 4", True),
            ("Label writer", "USB001", "Dovecot LW", False),
        ),
    },
    "module": {
        "heads": {
            "en": "Memory modules|Slot|Size|Type|Speed|Manufacturer|Part number|Serial number",
            "de": "Speichermodule|Steckplatz|Größe|Typ|Takt|Hersteller|Teilenummer|Seriennummer",
            "fr": "Modules de mémoire|Emplacement|Taille|Type|Vitesse|Fabricant|Référence|Numéro de série",
            "es": "Módulos de memoria|Ranura|Tamaño|Tipo|Velocidad|Fabricante|Número de pieza|Número de serie",
            "pt": "Módulos de memória|Ranhura|Tamanho|Tipo|Velocidade|Fabricante|Número de peça|Número de série",
            "it": "Moduli di memoria|Slot|Dimensione|Tipo|Velocità|Produttore|Codice parte|Numero di serie",
            "nl": "Geheugenmodules|Sleuf|Grootte|Type|Snelheid|Fabrikant|Onderdeelnummer|Serienummer",
            "pl": "Moduły pamięci|Gniazdo|Rozmiar|Typ|Szybkość|Producent|Numer części|Numer seryjny",
        },
        "rows": (
            "A1|8 GB|DDR4|3200 MT/s|Siskin|SK08-D4-3200|5A10FF02",
            "B1|8 GB|DDR4|3200 MT/s|Siskin|SK08-D4-3200|5A10FF07",
        ),
        "words": {},
        "expected": (
            "slot size type speed maker part serial",
            ("A1", 8589934592, "DDR4", 3200, "Siskin", "SK08-D4-3200", "5A10FF02"),
            ("B1", 8589934592, "DDR4", 3200, "Siskin", "SK08-D4-3200", "5A10FF07"),
        ),
    },
    "process": {
        "heads": {
            "en": "Processes|PID|Name|User|Memory",
            "de": "Prozesse|PID|Name|Benutzer|Speicher",
            "fr": "Processus|PID|Nom|Utilisateur|Mémoire",
            "es": "Procesos|PID|Nombre|Usuario|Memoria",
            "pt": "Processos|PID|Nome|Utilizador|Memória",
            "it": "Processi|PID|Nome|Utente|Memoria",
            "nl": "Processen|PID|Naam|Gebruiker|Geheugen",
            "pl": "Procesy|PID|Nazwa|Użytkownik|Pamięć",
        },
        "rows": ("1|init|root|1204 KB", "2204|quaymaster|LSF\\tquill|903448 KB"),
        "words": {},
        "expected": (
            "pid name user memory",
            ("1", "init", "root", 1232896),
            ("2204", "quaymaster", "LSF\\tquill", 925130752),
        ),
    },
    "connection": {
        "heads": {
            "en": "Connections|Protocol|Local address|Remote address|State|PID",
            "de": "Verbindungen|Protokoll|Lokale Adresse|Entfernte Adresse|Status|PID",
            "fr": "Connexions|Protocole|Adresse locale|Adresse distante|État|PID",
            "es": "Conexiones|Protocolo|Dirección local|Dirección remota|Estado|PID",
            "pt": "Ligações|Protocolo|Endereço local|Endereço remoto|Estado|PID",
            "it": "Connessioni|Protocollo|Indirizzo locale|Indirizzo remoto|Stato|PID",
            "nl": "Verbindingen|Protocol|Lokaal adres|Extern adres|Status|PID",
            "pl": "Połączenia|Protokół|Adres lokalny|Adres zdalny|Stan|PID",
        },
        "rows": ("tcp|0.0.0.0:4155|*:*|{0}|312", "tcp|10.20.0.62:50114|10.20.0.12:7443|{0}|2204"),
        "words": {
            "en": "listening",
            "de": "abhörend",
            "fr": "à l'écoute",
            "es": "a la escucha",
            "pt": "à escuta",
            "it": "in ascolto",
            "nl": "luisterend",
            "pl": "nasłuchuje",
        },
        "expected": (
            "protocol local remote state pid",
            ("tcp", "0.0.0.0:4155", "*:*", "{0}", "312"),
            ("tcp", "10.20.0.62:50114", "10.20.0.12:7443", "{0}", "2204"),
        ),
    },
}
# The labels of a sheet about the PC, and what stands beside them.
SHEET = {
    "en": "Computer name|Domain|Signed-in user|Time zone|Last boot|Manufacturer|Model|Serial number|Operating system|Edition|Build|Installed on|Product ID",
    "de": "Computername|Domäne|Angemeldeter Benutzer|Zeitzone|Letzter Neustart|Hersteller|Modell|Seriennummer|Betriebssystem|Edition|Build|Installiert am|Produkt-ID",
    "fr": "Nom de l'ordinateur|Domaine|Utilisateur connecté|Fuseau horaire|Dernier démarrage|Fabricant|Modèle|Numéro de série|Système d'exploitation|Édition|Build|Installé le|ID de produit",
    "es": "Nombre del equipo|Dominio|Usuario conectado|Zona horaria|Último arranque|Fabricante|Modelo|Número de serie|Sistema operativo|Edición|Compilación|Instalado el|Id. de producto",
    "pt": "Nome do computador|Domínio|Utilizador ligado|Fuso horário|Último arranque|Fabricante|Modelo|Número de série|Sistema operativo|Edição|Compilação|Instalado em|ID do produto",
    "it": "Nome computer|Dominio|Utente connesso|Fuso orario|Ultimo avvio|Produttore|Modello|Numero di serie|Sistema operativo|Edizione|Build|Installato il|ID prodotto",
    "nl": "Computernaam|Domein|Aangemelde gebruiker|Tijdzone|Laatste start|Fabrikant|Model|Serienummer|Besturingssysteem|Editie|Build|Geïnstalleerd op|Product-id",
    "pl": "Nazwa komputera|Domena|Zalogowany użytkownik|Strefa czasowa|Ostatnie uruchomienie|Producent|Model|Numer seryjny|System operacyjny|Edycja|Kompilacja|Zainstalowano|Identyfikator produktu",
}
SHEET_SAYS = (
    ("host.name", "NQ-ACC-03"), ("host.domain", "lanternsound.example"), ("host.user", "LSF\\tquill"),
    ("host.time_zone", "(UTC+00:00) Northquay"), ("host.booted_at", "{day} 07:58"), ("machine.maker", "Corrane"),
    ("machine.model", "Tallow 520 MT"), ("machine.serial", "CRN7K20418"), ("os.name", "Harbour OS 12"),
    ("os.edition", "Desk Pro"), ("os.build", "12.0.4417.82"), ("os.installed_at", "{day}"),
    ("os.product_id", "HOS12-DP-0044-92281"),
)  # fmt: skip
MOMENTS = {"host.booted_at": "2024-12-03T07:58:00", "os.installed_at": "2024-12-03"}


def drawn(heads, rows, way):
    """A table with a rule under its head, with none, or with its cells between marks."""
    if way in ";|\t":
        return "".join(f"{way.join(row)}\n" for row in (heads, *rows))
    widths = [max(map(len, column)) for column in zip(heads, *rows, strict=True)]
    lines = ["  ".join(c.ljust(w) for c, w in zip(row, widths, strict=True)).rstrip() for row in (heads, *rows)]
    if way == "ruled":
        lines.insert(1, "  ".join("-" * width for width in widths))
    return "".join(f"{line}\n" for line in lines)


def tables():
    """Each table in each language: its group, the language, its title, heads and rows, and what is to be read."""
    for group, table in TABLES.items():
        fields, *values = table["expected"]
        for language in LANGUAGES:
            title, *heads = table["heads"][language].split("|")
            words = table["words"].get(language, "").split("|")
            rows = [row.format(*words, day=DAY[language]).split("|") for row in table["rows"]]
            expected = {
                f"{group}#{number}.{field}": value.format(*words) if isinstance(value, str) else value
                for number, row in enumerate(values, 1)
                for field, value in zip(fields.split(), row, strict=True)
                if value is not None
            }
            yield group, language, title, heads, rows, expected


class TablesInEveryLanguage(unittest.TestCase):
    maxDiff = None

    def test_what_they_list(self):
        for group, language, title, heads, rows, expected in tables():
            for way in ("ruled", "plain", ";", "\t"):
                with self.subTest(group, language=language, way=way):
                    self.assertEqual(told(f"{title}\n\n{drawn(heads, rows, way)}"), expected)

    def test_the_same_things_in_any_layout(self):
        for group, language, title, heads, rows, expected in tables():
            for layout, write in LAYOUTS.items():
                with self.subTest(group, language=language, layout=layout):
                    self.assertEqual(told(write(title, heads, rows)), expected)

    def test_a_line_each_whatever_parts_its_pairs(self):
        for group, language, title, heads, rows, expected in tables():
            for mark in ("; ", ", ", " | ", " · ", "   "):
                for form in ("{}: {}", "{} : {}") if language == "en" else ("{}: {}",):
                    lines = (mark.join(map(form.format, heads, row)) for row in rows)
                    with self.subTest(group, language=language, mark=mark, form=form):
                        self.assertEqual(told(f"{title}\n" + "".join(f"{line}\n" for line in lines)), expected)

    def test_a_sheet_of_the_pc_by_any_mark(self):
        for language in LANGUAGES:
            labels = SHEET[language].split("|")
            says = [text.format(day=DAY[language]) for _, text in SHEET_SAYS]
            for form in ("{:28}: {}", "{:28}  {}", "{:.<28} {}", "{}={}"):
                text = "".join(form.format(label, said) + "\n" for label, said in zip(labels, says, strict=True))
                with self.subTest(language, form=form):
                    self.assertEqual(told(text), dict(SHEET_SAYS) | MOMENTS)


if __name__ == "__main__":
    unittest.main()
