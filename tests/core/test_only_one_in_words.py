"""What a PC has one of, told in clauses: on one line parted by any mark, or a line each, in several languages."""

import unittest

from tests.core.readings import told

# What is asked for, and what every clause of the answer tells (``None``: anything).
ANSWERS = (
    ("os", (('Harbour OS 12 Professional', 'os.name', 'harbour os 12 professional'), ('version 24.1', 'os.version', '24.1'), ('build 22641.880', 'os.build', '22641.880'), ('64-bit', 'os.architecture', 'x86-64'), ('installed 2024-03-05', 'os.installed_at', '2024-03-05'))),
    ("betriebssystem", (('Harbour OS 12 Professional', 'os.name', 'harbour os 12 professional'), ('Version 24.1', 'os.version', '24.1'), ('Build 22641.880', 'os.build', '22641.880'), ('64 Bit', 'os.architecture', 'x86-64'), ('installiert am 05.03.2024', 'os.installed_at', '2024-03-05'))),
    ("système", (('Harbour OS 12 Professionnel', 'os.name', 'harbour os 12 professionnel'), ('version 24.1', 'os.version', '24.1'), ('build 22641.880', 'os.build', '22641.880'), ('64 bits', 'os.architecture', 'x86-64'), ('installé le 05/03/2024', 'os.installed_at', '2024-03-05'))),
    ("sistema operativo", (('Harbour OS 12 Profesional', 'os.name', 'harbour os 12 profesional'), ('versión 24.1', 'os.version', '24.1'), ('compilación 22641.880', 'os.build', '22641.880'), ('64 bits', 'os.architecture', 'x86-64'), ('instalado el 05/03/2024', 'os.installed_at', '2024-03-05'))),
    ("pc", (('maker Corrane', 'machine.maker', 'corrane'), ('model Tallow 520 MT', 'machine.model', 'tallow 520 mt'), ('serial CRN7K20999', 'machine.serial', 'crn7k20999'), ('tower', 'machine.form', 'tower'))),
    ("rechner", (('Hersteller Corrane', 'machine.maker', 'corrane'), ('Modell Tallow 520 MT', 'machine.model', 'tallow 520 mt'), ('Seriennummer CRN7K20999', 'machine.serial', 'crn7k20999'), ('Inventarnummer NQ-00417', 'machine.tag', 'nq-00417'))),
    ("equipo", (('fabricante Corrane', 'machine.maker', 'corrane'), ('modelo Tallow 520 MT', 'machine.model', 'tallow 520 mt'), ('número de serie CRN7K20999', 'machine.serial', 'crn7k20999'), ('torre', 'machine.form', 'tower'))),
    ("firmware", (('Version L52.1.18', 'firmware.version', 'l52.1.18'), ('vom 04.09.2023', 'firmware.dated', '2023-09-04'), ('UEFI', 'firmware.mode', 'uefi'), ('Secure Boot ein', 'firmware.secure_boot', True))),
    ("micrologiciel", (('version L52.1.18', 'firmware.version', 'l52.1.18'), ('du 04/09/2023', 'firmware.dated', '2023-09-04'), ('UEFI', 'firmware.mode', 'uefi'), ('démarrage sécurisé activé', 'firmware.secure_boot', True))),
    ("board", (('Fennimore FB-520', 'board.maker', 'fennimore'), ('revision 1.02', 'board.version', '1.02'), ('serial FNB520-77120', 'board.serial', 'fnb520-77120'))),
    ("hauptplatine", (('Hersteller Fennimore', 'board.maker', 'fennimore'), ('Modell FB-520', 'board.model', 'fb-520'), ('Revision 1.02', 'board.version', '1.02'), ('Seriennummer FNB520-77120', 'board.serial', 'fnb520-77120'))),
    ("memory", (('16 GB installed', 'memory.installed', None), ('15.8 GB usable', 'memory.usable', None), ('9.2 GB free', 'memory.available', None), ('2 of 4 slots used', 'memory.slots', '4'), ('at most 64 GB', 'memory.limit', None))),
    ("arbeitsspeicher", (('16 GB verbaut', 'memory.installed', None), ('15,8 GB nutzbar', 'memory.usable', None), ('9,2 GB frei', 'memory.available', None), ('2 von 4 Steckplätzen belegt', 'memory.slots', '4'), ('höchstens 64 GB', 'memory.limit', None))),
    ("licence", (('volume licence', 'licence.channel', 'volume'), ('active', 'licence.state', 'active'), ('key ending in 7KQ2M', 'licence.key_tail', '7kq2m'), ('expires 2026-01-31', 'licence.expires_at', '2026-01-31'), ('server lic.harbour.example', 'licence.server', 'lic.harbour.example'))),
    ("lizenz", (('Volumenlizenz', 'licence.channel', 'volume'), ('aktiviert', 'licence.state', 'active'), ('Schlüssel endet auf 7KQ2M', 'licence.key_tail', '7kq2m'), ('gültig bis 31.01.2026', 'licence.expires_at', '2026-01-31'))),
    ("host", (('name NQ-ACC-07', 'host.name', 'nq-acc-07'), ('domain lanternsound.example', 'host.domain', 'lanternsound.example'), ('user jreiter', 'host.user', 'jreiter'), ('time zone Europe/Lisbon', 'host.time_zone', 'europe/lisbon'), ('up since 2025-02-10 07:58', 'host.booted_at', '2025-02-10'))),
    ("security", (('TPM 2.0', 'security.tpm', '2.0'), ('secure boot on', 'firmware.secure_boot', True), ('virtualisation off', 'security.virtualisation', False))),
    ("sicherheit", (('TPM 2.0 vorhanden', 'security.tpm', '2.0'), ('Secure Boot aus', 'firmware.secure_boot', False), ('Virtualisierung ein', 'security.virtualisation', True))),
)  # fmt: skip
FORMS = (
    ("", ", "),
    ("", "; "),
    ("", "   "),
    ("", " | "),
    ("", " · "),
    ("", "\n"),
    ("", "\n  "),
    ("- ", "\n- "),
    ("* ", "\n* "),
)


class OnlyOneInWords(unittest.TestCase):
    def test_every_clause_tells(self):
        for command, clauses in ANSWERS:
            for first, between in FORMS:
                with self.subTest(command=command, first=first, between=between):
                    found = told(f"gp-1> {command}\n{first}{between.join(words for words, _, _ in clauses)}\n")
                    for words, fact, value in clauses:
                        read = found.get(fact)
                        if value is None:
                            self.assertIsNotNone(read, words)
                        else:
                            self.assertTrue(str(read).casefold().startswith(str(value).casefold()), (words, read))

    def test_each_in_brackets(self):
        found = told("gp-1> os\n[Harbour OS 12 Professional] [version 24.1] [64-bit] [installed 2024-03-05]\n")
        self.assertEqual(found["os.name"], "Harbour OS 12 Professional")
        self.assertEqual((found["os.architecture"], found["os.installed_at"]), ("x86-64", "2024-03-05"))

    def test_the_number_in_brackets_is_no_name(self):
        found = told("gp-1> os\nHarbour OS 12 (12.0.4417.82), 64-bit, installed 2024-01-02\n")
        self.assertEqual((found["os.name"], found["os.build"]), ("Harbour OS 12", "12.0.4417.82"))

    def test_what_tells_of_something_else_is_left(self):
        found = told("gp-1> machine\nThe lift is out of order, use the stairs, please, until Friday\n")
        self.assertEqual({fact for fact in found if fact.startswith("machine.")}, set())


if __name__ == "__main__":
    unittest.main()
