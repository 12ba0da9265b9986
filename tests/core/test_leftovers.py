"""Labels that no phrase has: what their synonyms, the parts of their words and the form of their values tell."""

import unittest

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases.synonyms import plainly
from yes_tally.core.reading.phrases.taught import Phrasebook, TaughtPhrase
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import MIN_CONFIDENCE, settle


def readings(text, **given):
    return {r.fact: r for r in read(text.encode(), **given).readings}


class Synonyms(unittest.TestCase):
    def test_words_that_say_the_same_are_one_word(self):
        for one, other in (
            ("Put in on", "Installed on"),
            ("Highest clock", "Maximum speed"),
            ("Made by", "Manufacturer"),
            ("Towards", "Destination"),
        ):
            self.assertEqual(plainly(words_of(one)), plainly(words_of(other)), (one, other))

    def test_a_label_in_other_words_is_read_where_its_subject_is_spoken_of_and_in_a_little_doubt(self):
        told = readings("Processor 0\n  Called    Kestrel K5-8420\n  Logical   12\n  Highest clock   4.3 GHz\n")
        self.assertEqual(told["processor.name"].printed, "Kestrel K5-8420")
        self.assertEqual(told["processor.threads"].value.value, 12)
        self.assertEqual(told["processor.max_clock"].value.value, 4_300_000_000)
        self.assertLess(told["processor.max_clock"].confidence, 0.9)

    def test_a_synonym_says_nothing_where_nothing_is_spoken_of(self):
        self.assertEqual(readings("Highest pace: 12\nCalled: to order\n"), {})


DISKS = """Disk 0
  Model      Basalt NV500
  Serial     BNV5K0010
  Sorte      SSD
  Sectors    4096
Disk 1
  Model      Shale 1T
  Serial     SH1T-0001
  Sorte      HDD
  Sectors    512
"""


class Leftovers(unittest.TestCase):
    def test_a_form_that_only_one_field_has_tells_it_for_every_item(self):
        media = [(r.item, r.value.value) for r in read(DISKS.encode()).readings if r.fact == "disk.media"]
        self.assertEqual(media, [("disk#1", "ssd"), ("disk#2", "hdd")])

    def test_it_says_why_and_that_it_is_a_guess(self):
        told = readings(DISKS)["disk.media"]
        self.assertIn("nothing else that is said of a disk has this form", told.why)
        self.assertLess(told.confidence, 0.8)

    def test_what_a_word_that_means_nothing_counts_is_not_guessed(self):
        self.assertNotIn("4096", [r.printed for r in read(DISKS.encode()).readings])

    def test_a_guess_by_parts_of_words_settles_nothing(self):
        text = "Task: copy\nEnabled: yes\nState: ready\nProgram it leads to: C:\\Tools\\copy.cmd\n"
        report = read(text.encode())
        guessed = [r for r in report.readings if r.fact == "task.runs"]
        self.assertTrue(guessed)
        self.assertTrue(all(r.confidence < MIN_CONFIDENCE for r in guessed))
        self.assertNotIn("task.runs", {fact.name for fact in settle([report])})

    def test_a_column_whose_cells_have_different_forms_is_not_guessed(self):
        table = (
            "Driver        Version   Zorp\n------------  --------  ---------\nLumenarc 440  31.0.2    lmarc.sys\n"
            "Pull helper   0.1       later\n"
        )
        self.assertNotIn("driver.file", {r.fact for r in read(table.encode()).readings})

    def test_what_the_team_taught_to_mean_nothing_stays_nothing(self):
        book = Phrasebook((TaughtPhrase("Sorte", None),))
        self.assertNotIn("disk.media", {r.fact for r in read(DISKS.encode(), book=book).readings})

    def test_thousands_of_labels_that_mean_nothing_are_passed_over(self):
        text = "Disk 0\n  Model: Basalt NV500\n  Serial: BNV5K0010\n" + "".join(
            f"  zorp{'x' * (n % 7)}{n}: {n} GB\n" for n in range(1500)
        )
        self.assertEqual([r.printed for r in read(text.encode()).readings if r.fact == "disk.model"], ["Basalt NV500"])

    def test_one_fact_of_the_pc_itself_is_told_by_its_form(self):
        told = readings("Host name: nq-drw-01\nMaker: Oakmere\nWakes up by: UEFI\n")
        self.assertEqual(told["firmware.mode"].value.value, "uefi")


if __name__ == "__main__":
    unittest.main()
