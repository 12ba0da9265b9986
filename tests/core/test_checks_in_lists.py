"""Checks of health in a list, a line each: what was checked, what came of it and when, in any order, by any marks, in every
language."""

import unittest

from tests.core.readings import told

# What is asked for, what was checked, what came of each, and how a day is written.
SAID = {
    "en": ("health", ("System files", "Disk C:", "Energy"), ("no problems", "2 errors repaired", "0 errors, 4 warnings"), "2025-02-12"),
    "de": ("gesundheit", ("Systemdateien", "Laufwerk C:", "Energie"), ("keine Probleme", "2 Fehler behoben", "0 Fehler, 4 Warnungen"), "12.02.2025"),
    "fr": ("sante", ("Fichiers système", "Disque C:", "Énergie"), ("aucun problème", "2 erreurs réparées", "0 erreur, 4 avertissements"), "12/02/2025"),
    "es": ("salud", ("Archivos del sistema", "Disco C:", "Energía"), ("sin problemas", "2 errores reparados", "0 errores, 4 advertencias"), "12/02/2025"),
    "pt": ("saude", ("Ficheiros do sistema", "Disco C:", "Energia"), ("sem problemas", "2 erros corrigidos", "0 erros, 4 avisos"), "12/02/2025"),
    "it": ("salute", ("File di sistema", "Disco C:", "Energia"), ("nessun problema", "2 errori corretti", "0 errori, 4 avvisi"), "12/02/2025"),
    "nl": ("gezondheid", ("Systeembestanden", "Schijf C:", "Energie"), ("geen problemen", "2 fouten hersteld", "0 fouten, 4 waarschuwingen"), "12-02-2025"),
    "pl": ("zdrowie", ("Pliki systemowe", "Dysk C:", "Energia"), ("bez problemów", "2 błędy naprawione", "0 błędów, 4 ostrzeżenia"), "12.02.2025"),
}  # fmt: skip
FORMS = (
    "{what}: {came} ({day} 08:10)", "* {what}: {came} ({day} 08:10)", "{n}. {what}: {came} ({day} 08:10)", "{what}   {came}   {day} 08:10",
    "[{what}] {came}, {day} 08:10", "{day} 08:10  {what}: {came}", "{what} ... {came} ({day} 08:10)", "* {what} ({day} 08:10): {came}", "{what}, {day} 08:10: {came}",
)  # fmt: skip
EXPECTED = (
    {"kind": "system-files", "result": "clean"},
    {"kind": "disk", "result": "repaired", "errors": 2},
    {"kind": "energy", "errors": 0, "warnings": 4},
)


class ChecksInLists(unittest.TestCase):
    def test_each_check_has_its_own_result_and_moment(self):
        for language, (command, checked, results, day) in SAID.items():
            for form in FORMS:
                lines = [
                    form.format(what=what.rstrip(":") if "{what}:" in form else what, came=came, day=day, n=n)
                    for n, (what, came) in enumerate(zip(checked, results, strict=True), 1)
                ]
                with self.subTest(language=language, form=form):
                    found = told(f"gp-1> {command}\n" + "\n".join(lines) + "\n")
                    items = {
                        found[key]: key.partition(".")[0]
                        for key in found
                        if key.endswith("check.kind") or ".kind" in key
                    }
                    for expected in EXPECTED:
                        item = items[expected["kind"]]
                        self.assertEqual({field: found.get(f"{item}.{field}") for field in expected}, expected)
                        self.assertEqual(found.get(f"{item}.at"), "2025-02-12T08:10:00")
                    self.assertEqual(found[f"{items['disk']}.target"].rstrip(":"), "C")

    def test_a_list_of_parts_is_none_of_checks(self):
        found = told("gp-1> parts\nMemory: good\nDisk: good\nBattery: good\n")
        self.assertFalse([key for key in found if key.startswith("health_check")])


if __name__ == "__main__":
    unittest.main()
