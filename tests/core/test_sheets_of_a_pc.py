"""A sheet of a PC that heads nothing and names no subject: its name, maker and model are the PC's, in any order, in every
language, whatever parts label and value."""

import unittest

from tests.core.readings import told
from tests.core.readings import told as read_told

VALUES = {
    "host.name": "NQ-ARC-01",
    "machine.maker": "Corrane",
    "machine.model": "Tallow 520",
    "machine.serial": "CRN7K20466",
    "processor#1.cores": "6",
    "memory.installed": "16 GB",
    "os.name": "Harbour OS 12",
    "os.build": "12.0.4417.82",
}
SHEETS = {
    "en": "Name|Maker|Model|Serial number|Cores|Memory|Operating system|Build number",
    "de": "Name|Hersteller|Modell|Seriennummer|Kerne|Arbeitsspeicher|Betriebssystem|Buildnummer",
    "nl": "Naam|Merk|Model|Serienummer|Kernen|Geheugen|Besturingssysteem|Buildnummer",
    "fr": "Nom|Marque|Modèle|Numéro de série|Cœurs|Mémoire|Système d'exploitation|Numéro de build",
    "es": "Nombre|Marca|Modelo|Número de serie|Núcleos|Memoria|Sistema operativo|Compilación",
    "it": "Nome|Marca|Modello|Numero di serie|Core|Memoria|Sistema operativo|Build",
    "pt": "Nome|Marca|Modelo|Número de série|Núcleos|Memória|Sistema operativo|Compilação",
    "pl": "Nazwa|Marka|Model|Numer seryjny|Rdzenie|Pamięć|System operacyjny|Numer kompilacji",
}
BETWEEN = (": ", "  =  ", "\t", "   ", " ", "......... ")


def sheet(lines, between):
    return "".join(f"{label}{between}{value}\n" for label, value in lines)


def lines_of(language):
    return list(zip(SHEETS[language].split("|"), VALUES.values(), strict=True))


class Sheets(unittest.TestCase):
    def test_in_any_order_and_with_any_mark(self):
        whole = set(told(sheet(lines_of("en"), ": ")))
        self.assertEqual(whole, set(VALUES))
        for language in SHEETS:
            lines = lines_of(language)
            for between in BETWEEN:
                for turn in range(len(lines)):
                    with self.subTest(language, between=between, first=lines[turn][0]):
                        self.assertEqual(set(told(sheet(lines[turn:] + lines[:turn], between))), whole)

    def test_a_short_one_tells_of_the_pc_too(self):
        for language in SHEETS:
            with self.subTest(language):
                self.assertEqual(list(told(sheet(lines_of(language)[:4], ": "))), list(VALUES)[:4])

    def test_the_same_labels_under_a_heading_tell_of_what_it_names(self):
        for heading, item in (("Screen", "display#1"), ("Graphics card", "graphics#1"), ("Processor", "processor#1")):
            with self.subTest(heading):
                found = told(f"{heading}\n{sheet(lines_of('en')[1:3], ': ')}")
                self.assertEqual(found, {f"{item}.maker": "Corrane", f"{item}.name": "Tallow 520"})


class Chapters(unittest.TestCase):
    def test_each_over_lines_of_words(self):
        for mark in (">> {}", "» {}", "== {} =="):
            with self.subTest(mark):
                found = read_told(
                    "cais-21 C:\\> machine\n\n"
                    + "".join(
                        f"  {mark.format(title)}\n" + "".join(f"     {line}\n" for line in lines)
                        for title, lines in (
                            (
                                "System",
                                (
                                    "Harbour OS 12 Desk Pro, version 12.0, build 4417.82 (64 bits)",
                                    "installed on 2024-06-14; last started 2025-02-11 07:58",
                                ),
                            ),
                            ("Processor", ("Kestrel K5-8420 at 3.20 GHz, 6 cores, 12 threads",)),
                            ("Memory", ("16 GB installed (2 of 4 slots), 15.8 GB usable, 9.2 GB free",)),
                            (
                                "Disks",
                                (
                                    "0  Basalt NV1000   931.5 GB   NVMe   healthy",
                                    "1  Shoal HD4       3.6 TB     SATA   failing",
                                ),
                            ),
                            ("Network", ("Quayside LAN   Wickerlink GbE 210   up, 1 Gbit/s   10.44.2.161/24",)),
                        )
                    )
                )
                self.assertEqual((found["os.build"], str(found["host.booted_at"])), ("4417.82", "2025-02-11T07:58:00"))
                self.assertEqual((found["processor#1.name"], found["processor#1.cores"]), ("Kestrel K5-8420", 6))
                self.assertEqual((found["memory.usable"], found["memory.slots"]), (16965120819, 4))
                self.assertEqual(found["disk#2.health"], "failing")
                self.assertEqual(
                    (found["adapter#1.connection"], found["adapter#1.name"]), ("Quayside LAN", "Wickerlink GbE 210")
                )


if __name__ == "__main__":
    unittest.main()
