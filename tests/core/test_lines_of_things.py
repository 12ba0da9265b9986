"""Things that are each told of on one line whole, in words: under any form of head, with any mark between what is said."""

import unittest

from tests.core.readings import assert_things_told, told
from tests.core.test_kinds_over_words import THINGS
from yes_tally.core.reading.reader import read

HEADS = (
    "{noun} {n}: {name}", "{noun} {n}   {name}", "{noun}{n} -> {name}", "{noun} {n} = {name}", "{noun} {n} is a {name}",
    "{noun}.{n}  {name}", "{n}) {name}", "[{n}] {name}", "- {name}", "{name}",
)  # fmt: skip
BETWEEN = (", ", "; ", " | ", " - ")
ASKED = {
    "processor": "processors", "disk": "disks", "module": "memory modules", "graphics": "graphics", "adapter": "adapters", "battery": "batteries",
}  # fmt: skip
NOUNS = {"adapter": "Adapter", "module": "Module"}
# What it is called, and what is said of it, in a form of their own.
WHOLE = (
    "{name} ({said})",
    "{name} [{said}]",
    "#{n} {name}: {said}",
    "{noun} {n}: {name} ({said})",
    "{noun} {n} is a {name}: {said}",
)


class LinesOfThings(unittest.TestCase):
    def test_each_thing_is_called_and_told_of(self):
        for group, (_, noun, naming, things) in THINGS.items():
            command, noun = ASKED[group], NOUNS.get(group, noun)
            forms = [(f"{head}{mark}{{said}}", mark) for head in HEADS for mark in BETWEEN]
            for form, mark in [*forms, *((form, ", ") for form in WHOLE)]:
                text = f"gp-1> {command}\n" + "\n".join(
                    form.format(noun=noun, n=n, name=name, said=mark.join(words for words, _ in said.values()))
                    for n, (name, said) in enumerate(things)
                )
                with self.subTest(group=group, form=form):
                    found = assert_things_told(self, text, group, naming, things)
                    self.assertFalse([key for key in found if "#" in key and not key.startswith(f"{group}#")])

    def test_with_and_and_in_every_language(self):
        for with_, and_ in (
            ("with", "and"), ("mit", "und"), ("avec", "et"), ("con", "y"), ("com", "e"), ("con", "e"), ("met", "en"), ("z", "i"),
        ):  # fmt: skip
            with self.subTest(with_):
                found = told(f"gp-1> disks\nBasalt NV1000 {with_} 931.51 GB, NVMe, serial BNV1K0044127 {and_} GPT\n")
                self.assertEqual(found["disk#1.model"], "Basalt NV1000")
                self.assertEqual(found["disk#1.serial"], "BNV1K0044127")
                self.assertEqual(found["disk#1.layout"], "gpt")

    def test_every_reading_points_at_what_is_printed(self):
        printed = (
            "gp-1> disks",
            "Disk 0 -> Basalt NV1000 - 931.51 GB - NVMe - serial BNV1K0044127",
            "Disk 1 is a Shale 2T: 1863 GB, SATA, serial SH2T-00918",
        )
        for reading in read("\n".join(printed).encode()).readings:
            at = reading.column - 1
            self.assertEqual(printed[reading.line - 1][at : at + len(reading.printed)], reading.printed)

    def test_lists_in_brackets_stay(self):
        self.assertEqual(
            told("users:\n  - name: office\n    groups: [Users, Printers]\n")["account#1.groups"], ("Users", "Printers")
        )

    def test_a_kind_and_a_number_before_an_arrow_is_no_prompt(self):
        report = read(b"CPU0 -> Kestrel K5-8420, 6 cores\nCPU1 -> Kestrel K5-8421, 4 cores\n")
        self.assertEqual([section.command for section in report.sections], [None])


if __name__ == "__main__":
    unittest.main()
