"""Blocks that tell more when they are read clause by clause: accounts and tasks in words among pairs, under their names."""

import unittest

from tests.core.readings import told

ACCOUNTS = (
    "gp-1> cuentas\n"
    "jreiter — Julia Reiter\n"
    "    habilitada · administradora · contraseña obligatoria, cambiada el 02/11/2024\n"
    "    última entrada: 10/02/2025 08:12\n"
    "    grupos: Administradores, Usuarios de escritorio remoto\n"
    "invitado\n"
    "    deshabilitada · nunca ha entrado\n"
    "svc-copia — Copia nocturna\n"
    "    habilitada · contraseña que no caduca · última entrada: 11/02/2025 01:00\n"
    "    grupos: Operadores de copia\n"
)


class ToldAgain(unittest.TestCase):
    def test_accounts_in_words_among_pairs(self):
        found = told(ACCOUNTS)
        self.assertEqual([found.get(f"account#{n}.name") for n in (1, 2, 3)], ["jreiter", "invitado", "svc-copia"])
        self.assertEqual([found.get(f"account#{n}.enabled") for n in (1, 2, 3)], [True, False, True])
        self.assertEqual(found["account#1.full_name"], "Julia Reiter")
        self.assertEqual(found["account#1.groups"], ("Administradores", "Usuarios de escritorio remoto"))
        self.assertEqual((found["account#2.last_logon_at"], found["account#3.password_expires_at"]), ("never", "never"))

    def test_plain_pairs_are_left_as_they_were_read(self):
        found = told(
            "gp-1> accounts\nguest\n  enabled: no\n  administrator: no\njreiter\n  enabled: yes\n  administrator: yes\n"
        )
        self.assertEqual([found.get(f"account#{n}.enabled") for n in (1, 2)], [False, True])
        self.assertEqual([found.get(f"account#{n}.admin") for n in (1, 2)], [False, True])

    def test_what_is_not_installed_has_no_number_either(self):
        found = told(
            "gp-1> updates\n"
            "  when               what         title                       result\n"
            "  14 Jan 2025 03:09  HU-25006     Security fix for printing   installed, restart was needed\n"
            "  03 Dec 2024 03:15  HU-24117     Winter roll-up              installed\n"
            "  09 Jan 2025 17:40  HU-24981     Card driver 12.19           failed (0x80240017)\n"
        )
        self.assertEqual((found["update#1.id"], found["update#1.title"]), ("HU-25006", "Security fix for printing"))
        self.assertNotIn("HU-24981", found.values())

    def test_dots_for_an_empty_cell(self):
        found = told(
            "gp-1> programs\n"
            "Quaymaster ............ 4.2.1 ......... Lantern Ferries ..... 14 June 2024\n"
            "Bollard Agent ......... 2.0.77 ........ ................... 2 January 2025\n"
            "Netherlight Office .... 16.4 (32-bit) . Netherlight ......... 9 September 2024\n"
        )
        self.assertNotIn("software#2.maker", found)
        self.assertEqual(found["software#2.installed_at"], "2025-01-02")
        self.assertEqual(found["software#3.version"], "16.4")


if __name__ == "__main__":
    unittest.main()
