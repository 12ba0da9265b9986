"""Records headed by a name over lines that mix pairs and words."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.readings import told
from yes_tally.core.reading.reader import read

TASKS = (
    "  Nightly backup                       ready, enabled\n    runs   every day at 22:30         as   QM\\backup\n"
    "    last   2025-02-10 22:30:04        gave 0x0\n    next   2025-02-11 22:30\n"
    "  Old push                             off\n    runs   C:\\Tools\\push.cmd         as   QM\\tquill\n    last   never    gave -\n    next   -\n"
)
PEOPLE = (
    "  {0}      Ines Calloway\n      {1}\n      {2}: Staff, Remote users,\n              Copiers\n"
    "      {3}: 2025-02-11 08:02     {4}\n\n  tquill      (no name)\n      {1}\n      {2}: Staff\n      {3}: {5}\n"
)


class MixedRecords(unittest.TestCase):
    def test_tasks_over_several_pairs_a_line(self):
        for command in ("tasks", "duties"):
            with self.subTest(command):
                found = told(f"nq-wks-14 # {command}\n\n{TASKS}")
                self.assertEqual([found[f"task#{n}.name"] for n in (1, 2)], ["Nightly backup", "Old push"])
                self.assertEqual([found[f"task#{n}.enabled"] for n in (1, 2)], [True, False])
                self.assertEqual([found[f"task#{n}.user"] for n in (1, 2)], ["QM\\backup", "QM\\tquill"])
                self.assertEqual((found["task#1.state"], found["task#1.last_result"]), ("ready", "0x0"))

    def test_when_a_task_runs_is_not_what(self):
        found = told(f"nq-wks-14 # tasks\n\n{TASKS}")
        self.assertNotIn("task#1.runs", found)
        self.assertEqual(found["task#2.runs"], "C:\\Tools\\push.cmd")

    def test_people_over_words_and_pairs(self):
        for words in (
            ("icalloway", "enabled, administrator, password required", "groups", "last sign-in", "password: set 2025-01-03, never expires", "never"),
            ("icalloway", "activa, administradora, contraseña obligatoria", "grupos", "última entrada", "contraseña: cambiada 03/01/2025, no caduca", "nunca"),
            ("icalloway", "aktiv, Administrator, Kennwort nötig", "Gruppen", "letzte Anmeldung", "Kennwort: gesetzt 03.01.2025, läuft nie ab", "nie"),
        ):  # fmt: skip
            with self.subTest(words[2]):
                found = told("nq-1 # accounts\n\n" + PEOPLE.format(*words))
                self.assertEqual(
                    (found["account#1.name"], found["account#1.full_name"]), ("icalloway", "Ines Calloway")
                )
                self.assertTrue(found["account#1.enabled"] and found["account#1.admin"] and found["account#2.admin"])
                self.assertEqual(str(found["account#1.password_set_at"])[:10], "2025-01-03")
                self.assertEqual(
                    (found["account#1.password_expires_at"], found["account#2.last_logon_at"]), ("never", "never")
                )
                self.assertNotIn("account#2.full_name", found)

    def test_plain_pairs_under_names_are_left_to_the_shapes(self):
        found = told(
            "nq-1 # accounts\n\n  icalloway\n    full name   Ines Calloway\n    enabled     yes\n    groups      Staff\n"
        )
        self.assertEqual((found["account#1.name"], found["account#1.full_name"]), ("icalloway", "Ines Calloway"))

    def test_cards_whose_heads_are_rows(self):
        found = told(
            "NQ-18 E:\\> wireview\n\nQuayside LAN    Wickerlink GbE 210    up\n   Hardware   3c-5a-b4-10-01-18\n   Address    10.20.1.118 / 255.255.255.0\n"
            "Quayside air    Ternwave AX 20        not connected\n   Hardware   3c-5a-b4-10-01-19\n"
            "Loop            (no hardware)         up\n   Address    127.0.0.1 / 255.0.0.0\n"
        )
        self.assertEqual(
            [found[f"adapter#{n}.connection"] for n in (1, 2, 3)], ["Quayside LAN", "Quayside air", "Loop"]
        )
        self.assertEqual(
            [found.get(f"adapter#{n}.name") for n in (1, 2, 3)], ["Wickerlink GbE 210", "Ternwave AX 20", None]
        )
        self.assertEqual([found[f"adapter#{n}.connected"] for n in (1, 2, 3)], [True, False, True])
        self.assertEqual(found["adapter#2.mac"], "3c:5a:b4:10:01:19")

    def test_a_processor_over_its_words(self):
        for words in (
            "6 cores, 12 threads, stepping 10\n     now 1.10 GHz, at most 4.00 GHz\n     socket LGA-1188\n     cache: L3 9 MB",
            "6 kernen, 12 threads, stepping 10\n     nu 1,10 GHz, hoogstens 4,00 GHz\n     voet LGA-1188\n     cache: L3 9 MB",
            "6 Kerne, 12 Threads, Stepping 10\n     derzeit 1,10 GHz, maximal 4,00 GHz\n     Sockel LGA-1188\n     Cache: L3 9 MB",
        ):
            with self.subTest(words[:9]):
                found = told(f"NQ-18 E:\\> cpu\n\n  Kestrel K5-8420 @ 3.20 GHz\n     {words}\n")
                self.assertEqual((found["processor#1.cores"], found["processor#1.stepping"]), (6, "10"))
                self.assertEqual(
                    (found["processor#1.max_clock"], found["processor#1.current_clock"]), (4_000_000_000, 1_100_000_000)
                )
                self.assertEqual((found["processor#1.socket"], found["processor#1.cache_l3"]), ("LGA-1188", 9 << 20))

    @settings(max_examples=40, deadline=None)
    @given(st.lists(st.tuples(st.integers(0, 6), st.text("runs as:=,last 1é\t(x)-", max_size=40)), max_size=20))
    def test_anything_below_a_name_is_read_without_an_error(self, rows):
        text = "nq-1 # tasks\n" + "\n".join(" " * indent + words for indent, words in [(0, "Backup  ready"), *rows])
        report = read(text.encode())
        self.assertTrue(all(0 < reading.line <= len(report.lines) for reading in report.readings))


if __name__ == "__main__":
    unittest.main()
