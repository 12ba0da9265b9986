"""A sheet of a PC that heads nothing and names no subject: its name, maker and model are the PC's, in any order, in every
language, whatever parts label and value."""

import unittest

from tests.core.readings import told

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


if __name__ == "__main__":
    unittest.main()
