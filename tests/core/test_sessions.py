"""Tables of who is signed in: the PC's user, and no accounts."""

import unittest

from tests.core.readings import told

HEADS = {
    "en": ("User", "Session", "Id", "State", "Idle", "Since"),
    "de": ("Benutzer", "Sitzung", "Id", "Status", "Leerlauf", "Anmeldezeit"),
    "fr": ("Utilisateur", "Session", "Id", "État", "Inactif", "Depuis"),
    "es": ("Usuario", "Sesión", "Id", "Estado", "Inactivo", "Inicio"),
    "it": ("Utente", "Sessione", "Id", "Stato", "Inattivo", "Accesso"),
    "nl": ("Gebruiker", "Sessie", "Id", "Toestand", "Inactief", "Sinds"),
    "pl": ("Użytkownik", "Sesja", "Id", "Stan", "Bezczynny", "Od"),
}
ACTIVE = {"en": "active", "de": "Aktiv", "fr": "actif", "es": "activa", "it": "attiva", "nl": "actief", "pl": "aktywna"}


def _table(language, mark, state):
    rows = [HEADS[language], (f"{mark}tquill", "console", "1", state, ".", "11/02/2025 07:41"), (" rarkwell", "remote", "3", "away", "1+02:10", "10/02/2025 16:02")]  # fmt: skip
    return "nq-1> sessions\n" + "\n".join("".join(cell.ljust(18) for cell in row) for row in rows) + "\n"


class Sessions(unittest.TestCase):
    def test_the_one_who_asked_or_the_only_active_one_is_the_user(self):
        for language in HEADS:
            for mark, state in ((">", "away"), ("*", ACTIVE[language]), (" ", ACTIVE[language])):
                with self.subTest(language=language, mark=mark, state=state):
                    found = told(_table(language, mark, state))
                    self.assertEqual(found, {"host.name": "nq-1", "host.user": "tquill"})

    def test_of_several_nothing_tells_which(self):
        for language in HEADS:
            with self.subTest(language):
                self.assertEqual(told(_table(language, " ", "away")), {"host.name": "nq-1"})

    def test_processes_have_sessions_too(self):
        text = "nq-1> procs\nUser      Session   PID   Name            Memory\ntquill    console   312   bollard-agent   18,660 K\n"
        self.assertEqual(told(text)["process#1.name"], "bollard-agent")
