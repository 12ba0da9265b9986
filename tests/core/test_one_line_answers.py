"""Commands that ask for one fact and print nothing else."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.reading.reader import read


def told(text):
    return {reading.fact: reading.value.value for reading in read(text.encode()).readings}


class OneLineAnswers(unittest.TestCase):
    def test_the_command_s_name_is_the_label(self):
        for command, answer, fact, value in (
            ("product-id", "HOS12-DP-0044-92281", "os.product_id", "HOS12-DP-0044-92281"),
            ("domain", "lanternsound.example", "host.domain", "lanternsound.example"),
            ("asset_tag", "LSF-0288", "machine.tag", "LSF-0288"),
            ("/opt/tools/timezone.sh --short", "Northquay (+00:00)", "host.time_zone", "Northquay (+00:00)"),
            ("C:\\Tools\\edition.exe", "Desk Pro", "os.edition", "Desk Pro"),
            ("secure-boot /state", "on", "firmware.secure_boot", True),
            ("install-date", "2024-06-14", "os.installed_at", "2024-06-14"),
            ("zeitzone", "UTC+1", "host.time_zone", "UTC+1"),
            ("whoami", "LSF\\tquill", "host.user", "LSF\\tquill"),
        ):
            with self.subTest(command):
                self.assertEqual(told(f"$ {command}\n{answer}\n").get(fact), value)

    def test_what_is_no_answer_is_not_taken_for_one(self):
        for command, printed in (
            ("domain", "This PC belongs to no domain."),
            ("domain", "not set"),
            ("edition", "edition: unknown option --short"),
            ("asset-tag", "asset-tag: you must be an administrator"),
            ("product-id", "checking ... please wait a moment, this may take long"),
            ("timezone", "Northquay\nand another line"),
            ("install-date", "soon"),
            ("greet", "hello"),
        ):
            with self.subTest(command, printed=printed):
                self.assertEqual(told(f"$ {command}\n{printed}\n"), {})

    def test_a_whole_answer_is_read_as_what_it_is(self):
        found = told("$ domain\nDomain: lanternsound.example   Computer name: NQ-ACC-03\n")
        self.assertEqual(found["host.name"], "NQ-ACC-03")
        self.assertEqual(found["host.domain"], "lanternsound.example")

    @settings(max_examples=60, deadline=None)
    @given(st.text(max_size=40), st.text(max_size=80))
    def test_any_command_and_any_answer(self, command, answer):
        report = read(f"$ {command}\n{answer}\n".encode())
        for reading in report.readings:
            self.assertIn(reading.printed.split("\n")[0][:1], report.lines[reading.line - 1].text)


if __name__ == "__main__":
    unittest.main()
