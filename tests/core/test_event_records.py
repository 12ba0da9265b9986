"""Events over the lines that tell of them: what stays an event in any order, and what is none."""

import unittest

from tests.core.readings import told

FIRST = {
    "event#1.at": "2025-02-11T07:57:40",
    "event#1.level": "critical",
    "event#1.source": "power",
    "event#1.id": "41",
    "event#1.text": "The PC started again without having been shut down first.",
}
SECOND = {
    "event#2.at": "2025-03-17T08:02:05",
    "event#2.level": "error",
    "event#2.source": "netlogin",
    "event#2.id": "5719",
    "event#2.text": "No server of the domain could be reached.",
}
IN_ORDERS = (
    # level and moment, then what from and which number, then what happened
    "#1  critical   2025-02-11 07:57:40\n     from: power            event: 41\n"
    "     The PC started again without having been shut down first.\n"
    "#2  error      2025-03-17 08:02:05\n     from: netlogin         event: 5719\n"
    "     No server of the domain could be reached.\n",
    # all of it on the first line
    "2025-02-11 07:57:40  critical  power (41)\n    The PC started again without having been shut down first.\n"
    "2025-03-17 08:02:05  error  netlogin (5719)\n    No server of the domain could be reached.\n",
    # the message goes on below
    "[1] 2025-02-11 07:57:40, critical, power/41\n    The PC started again without\n    having been shut down first.\n"
    "[2] 2025-03-17 08:02:05, error, netlogin/5719\n    No server of the domain\n    could be reached.\n",
)


def events(text):
    return {key: value for key, value in told(f"gp-01> eventlog\n{text}").items() if key.startswith("event#")}


class Events(unittest.TestCase):
    def test_in_any_order_they_tell_the_same(self):
        for text in IN_ORDERS:
            with self.subTest(text):
                self.assertEqual(events(text), FIRST | SECOND)

    def test_a_count_below_them_is_no_part_of_the_last(self):
        for count in ("(2 of 2 shown)", "2 events", "-- 2 entries --"):
            with self.subTest(count):
                self.assertEqual(events(f"{IN_ORDERS[0]}{count}\n"), FIRST | SECOND)

    def test_an_event_without_a_message_takes_none_from_its_neighbour(self):
        lines = IN_ORDERS[1].splitlines(keepends=True)
        found = events("".join([lines[0], *lines[2:]]))
        self.assertNotIn("event#1.text", found)
        self.assertEqual({key: value for key, value in found.items() if key.startswith("event#2")}, SECOND)

    def test_a_message_that_names_another_day_is_one_message(self):
        text = IN_ORDERS[1].replace("shut down first.", "shut down on 2025-02-10 at 18:00.")
        self.assertEqual(
            events(text)["event#1.text"],
            "The PC started again without having been shut down on 2025-02-10 at 18:00.",
        )


class WhatIsNoEvent(unittest.TestCase):
    def test_moments_that_nothing_is_told_of(self):
        self.assertEqual(events("2025-02-11 07:57:40\n2025-03-17 08:02:05\n"), {})

    def test_a_moment_that_no_calendar_has_is_none(self):
        text = IN_ORDERS[1].replace("2025-02-11 07:57:40", "2025-19-41 47:57:40")
        moments = [value for key, value in events(text).items() if key.endswith(".at")]
        self.assertEqual(moments, [SECOND["event#2.at"]])


class ManyEvents(unittest.TestCase):
    def test_none_of_many_is_lost(self):
        moments = [f"2025-02-{1 + n // 60:02}T07:{n % 60:02}:40" for n in range(1200)]
        text = "".join(
            f"{moment.replace('T', ' ')}  critical  power ({n})\n    The PC started again.\n"
            for n, moment in enumerate(moments)
        )
        found = events(text)
        self.assertEqual([value for key, value in found.items() if key.endswith(".at")], moments)
        self.assertEqual([value for key, value in found.items() if key.endswith(".id")], [str(n) for n in range(1200)])


class IndexedEvents(unittest.TestCase):
    def test_cells_over_what_happened(self):
        for levels in (
            ("error", "warning"),
            ("błąd", "ostrzeżenie"),
            ("Fehler", "Warnung"),
            ("erreur", "avertissement"),
        ):
            for index in ("[{}] ", "#{} ", "{}. ", ""):
                text = "".join(
                    f"{index.format(n + 1)}2025-03-0{n + 1} 22:14:07  {level}      disk          id {50 + n}\n    It happened to the disk.\n"
                    for n, level in enumerate(levels)
                )
                with self.subTest(levels=levels, index=index):
                    found = events(text)
                    self.assertEqual([found.get(f"event#{n}.level") for n in (1, 2)], list(levels))
                    self.assertEqual([found.get(f"event#{n}.id") for n in (1, 2)], ["50", "51"])
                    self.assertEqual(found.get("event#2.text"), "It happened to the disk.")
                    self.assertNotIn("host.booted_at", found)


if __name__ == "__main__":
    unittest.main()
