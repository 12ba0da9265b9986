"""Accounts in rows that nothing heads, and who is in which group, in all languages."""

import unittest

from tests.core.readings import told

ADMINS = {
    "Members of group Administrators (2):": "Administrators", "Mitglieder der Gruppe Administratoren:": "Administratoren",
    "Membres du groupe Administrateurs :": "Administrateurs", "Miembros del grupo Administradores:": "Administradores",
    "Membros do grupo Administradores:": "Administradores", "Membri del gruppo Amministratori:": "Amministratori",
    "Leden van groep Administrators:": "Administrators", "Członkowie grupy Administratorzy (2):": "Administratorzy",
}  # fmt: skip
IN_GROUPS = (
    "kfield is in: Users, Printer Admins", "kfield is a member of the groups Users, Printer Admins",
    "kfield ist Mitglied von: Users, Printer Admins", "kfield est membre de: Users, Printer Admins", "kfield zit in: Users, Printer Admins",
    "kfield należy do: Users, Printer Admins",
)  # fmt: skip
ROWS = "  administrator        built-in, disabled\n  kfield               Kay Field, local\n"
OF_ROWS = {
    "account#1.name": "administrator", "account#1.enabled": False, "account#2.name": "kfield", "account#2.full_name": "Kay Field",
}  # fmt: skip


def of_admins(group):
    of_group = {"account#1.groups": (group,), "account#2.groups": (group,)}
    return {**OF_ROWS, "account#1.admin": True, "account#2.admin": True, **of_group}


class AccountsListed(unittest.TestCase):
    def held(self, text, expected):
        with self.subTest(text=text):
            read = {k: v for k, v in told(text).items() if k.startswith("account#") or "host" not in k}
            self.assertEqual(read, expected)

    def test_rows_tell_by_words_who_an_account_is_and_how_it_is_set(self):
        self.held(f"users\n\nAccounts:\n{ROWS}", OF_ROWS)

    def test_who_is_listed_under_administrators_is_one(self):
        for heading, group in ADMINS.items():
            self.held(f"{heading}\n{ROWS}", of_admins(group))

    def test_a_group_within_a_group_is_nobodys_account(self):
        text = f"Members of group Administrators (3):\n{ROWS}  NQ\\support           domain group\n"
        self.held(text, of_admins("Administrators"))

    def test_a_line_of_a_group_names_its_members(self):
        text = "Group Backup Operators: NQ\\svc-backup, kfield\n"
        self.held(text, {
            "account#1.name": "NQ\\svc-backup", "account#2.name": "kfield",
            "account#1.groups": ("Backup Operators",), "account#2.groups": ("Backup Operators",),
        })  # fmt: skip

    def test_a_sentence_says_in_which_groups_one_is(self):
        for text in IN_GROUPS:
            self.held(f"{text}\n", {"account#1.name": "kfield", "account#1.groups": ("Users", "Printer Admins")})

    def test_what_only_looks_so_is_no_group(self):
        for text, expected in {
            "Grupo de trabalho     : TRIPULACAO\n": {},
            "crew is in use here since 2025-02-11 06:41 (console).\n": {},
            "Group policy: applied, 3 settings\n": {},
        }.items():
            with self.subTest(text=text):
                found = {k: v for k, v in told(text).items() if k.startswith("account#")}
                self.assertEqual(found, expected)


if __name__ == "__main__":
    unittest.main()
