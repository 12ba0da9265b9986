"""Updates that a line names over what is said of each."""

import unittest

from yes_tally.core.reading.reader import read


def updates(text):
    """The updates of a report: number, title and day of each."""
    items = {}
    for reading in read(f"nq-srv-02> patches\n\n{text}".encode()).readings:
        if reading.item:
            items.setdefault(reading.item, {})[reading.fact] = str(reading.value.value)
        elif reading.fact != "host.name":
            items[reading.fact] = reading.value.value
    return list(items.values())


def update(number, title, day):
    return {"update.id": number, "update.title": title, "update.installed_at": day}


class UpdatesOverWhatIsSaid(unittest.TestCase):
    def test_titles_over_ids(self):
        told = updates(
            "Winter roll-up\n        HU-24117, applied on 3 December 2024 by SYSTEM\nTime zone data\n        HU-25009, failed on 4 February 2025\n"
            "Time zone data (second try)\n        HU-25009, applied on 5 February 2025 by SYSTEM\n"
        )
        self.assertEqual(
            told,
            [
                update("HU-24117", "Winter roll-up", "2024-12-03"),
                update("HU-25009", "Time zone data (second try)", "2025-02-05"),
            ],
        )

    def test_each_is_told_with_its_day(self):
        told = updates(
            "HU-25006  Security fix, printing\n          set up 2025-01-14 by SYSTEM\n"
            "HU-25009  Time zone data\n          set up 2025-02-04 by LSF\\tferro\n"
        )
        expected = [
            update("HU-25006", "Security fix, printing", "2025-01-14"),
            update("HU-25009", "Time zone data", "2025-02-04"),
        ]
        self.assertEqual(told, expected)

    def test_a_title_goes_on_until_the_day(self):
        told = updates(
            "[1] HU-24117: Winter roll-up, with what\n      HU-24101 mended\n      installed on 03.12.2024\n"
            "[2] HU-25006: Security fix\n      installed on 14.01.2025\n"
        )
        self.assertEqual(told[0], update("HU-24117", "Winter roll-up, with what HU-24101 mended", "2024-12-03"))

    def test_what_is_not_installed_is_passed_over(self):
        for said in ("not set up: needs a restart", "waiting", "nicht eingespielt", "en attente", "niet aangebracht"):
            with self.subTest(said):
                told = updates(
                    f"HU-25006  Security fix\n   set up 2025-01-14\nHU-25011  Security fix, network\n   {said}\n"
                )
                self.assertEqual(told, [update("HU-25006", "Security fix", "2025-01-14")])

    def test_other_lines_that_stand_least_deep_make_it_something_else(self):
        told = updates("HU-25006  Security fix\n   on 2025-01-14\nwhat it mends\n   printing\n")
        self.assertFalse(any("update.title" in item for item in told))

    def test_a_kind_is_no_title(self):
        for kind in (
            "security",
            "Sicherheit",
            "pilote",
            "seguridad",
            "funzionalità",
            "segurança",
            "beveiliging",
            "sterownik",
        ):
            with self.subTest(kind):
                told = updates(
                    f"2025-02-20  HU-50431  {kind}  Fix for the spooler  ok\n2025-01-16  HU-50360  {kind}  Harbour OS 12, 24H1  ok\n"
                )
                self.assertEqual(
                    [item["update.title"] for item in told], ["Fix for the spooler", "Harbour OS 12, 24H1"]
                )

    def test_one_without_a_day_is_told_unless_it_waits(self):
        row = "HU-50431   2025-02-20   Fix for the spooler\nHU-50429   2025-02-20   Monthly rollup\nHU-49911   -            {}\n"
        self.assertEqual(
            updates(row.format("Language pack"))[2], {"update.id": "HU-49911", "update.title": "Language pack"}
        )
        for waits in ("Language pack (needs restart)", "waiting for a restart", "Driver (unknown)"):
            with self.subTest(waits):
                self.assertEqual(len(updates(row.format(waits))), 2)
