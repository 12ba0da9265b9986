"""Teaching the reader: a phrase holds where it was taught to, says nothing else, and is refused when it contradicts."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Locale
from yes_tally.core.reading.phrases.taught import NOTHING_TAUGHT, Phrasebook, TaughtPhrase
from yes_tally.core.reading.reader import labelled_values, read
from yes_tally.core.reading.teaching import likely_value, refusal, suggestions, teachable

PLAIN = Locale(None, None)
KELP = b"""attendant@kio-01 > kelp sheet
Berth memory: 4 GB
Tide clock: 2026-02-11 06:14

Kelp disk 0
  Sorte: SSD
  Hold (GB): 128
  Serial number: HLD-20117

Kelp disk 1
  Sorte: HDD
  Hold (GB): 320
  Serial number: HLD-20342

The seal was last broken on 2025-06-02, they say.
"""


def said(data, *phrases):
    return {(r.fact, r.item): r.value.value for r in read(data, book=Phrasebook(phrases)).readings}


class ATaughtPhrase(unittest.TestCase):
    def test_a_label_speaks_wherever_it_stands(self):
        self.assertNotIn(("memory.installed", None), said(KELP))
        after = said(KELP, TaughtPhrase("Berth memory", "memory.installed"))
        self.assertEqual(after[("memory.installed", None)], 4 * 2**30)

    def test_under_a_heading_it_speaks_under_every_heading_of_those_words_and_nowhere_else(self):
        phrase = TaughtPhrase("Sorte", "disk.media", "Kelp disk 0")
        after = said(KELP + b"\nSorte: HDD\n", phrase)
        self.assertEqual(
            {k: v for k, v in after.items() if k[0] == "disk.media"},
            {("disk.media", "disk#1"): "ssd", ("disk.media", "disk#2"): "hdd"},
        )

    def test_the_unit_in_a_label_may_change(self):
        after = said(KELP, TaughtPhrase("Hold (MB)", "disk.size", "Kelp disk 1"))
        self.assertEqual(after[("disk.size", "disk#1")], 128 * 10**9)

    def test_a_statement_finds_its_value_between_its_words(self):
        phrase = TaughtPhrase("The seal was last broken on", "os.installed_at", after=", they say.")
        self.assertEqual(said(KELP, phrase)[("os.installed_at", None)], "2025-06-02")
        self.assertNotIn(("os.installed_at", None), said(KELP.replace(b"broken", b"mended"), phrase))

    def test_a_wrong_reading_is_mended_and_can_be_silenced(self):
        data = b"Host name: nq-tkt-01\nBuild: 1.2.3\n"
        self.assertIn(("os.build", None), said(data))
        self.assertEqual(said(data, TaughtPhrase("Build", "firmware.version")).get(("firmware.version", None)), "1.2.3")
        self.assertEqual(list(said(data, TaughtPhrase("Build", None))), [("host.name", None)])

    def test_column_heads_can_be_taught(self):
        table = b"kelp cores\n\nNub     Sloshes  Pace\n------  -------  -------\n0       8        3.2 GHz\n"
        after = said(table, TaughtPhrase("Sloshes", "processor.cores"), TaughtPhrase("Pace", "processor.clock"))
        self.assertEqual(after[("processor.cores", "processor#1")], 8)
        self.assertEqual(after[("processor.clock", "processor#1")], 3.2e9)

    def test_it_says_who_it_is_in_its_reason(self):
        report = read(KELP, book=Phrasebook([TaughtPhrase("Berth memory", "memory.installed")]))
        reading = next(r for r in report.readings if r.fact == "memory.installed")
        self.assertIn("was taught as memory.installed", reading.why)

    def test_reading_without_it_is_as_before(self):
        book = Phrasebook([TaughtPhrase("Berth memory", "memory.installed")])
        before = read(KELP)
        read(KELP, book=book)
        self.assertEqual(read(KELP), before)
        self.assertEqual(read(KELP, book=NOTHING_TAUGHT), before)

    def test_the_same_phrases_are_the_same_edition(self):
        a, b = TaughtPhrase("A one", "disk.size"), TaughtPhrase("B two", "disk.model")
        self.assertEqual(Phrasebook([a, b]).edition, Phrasebook([b, a]).edition)
        self.assertNotEqual(Phrasebook([a]).edition, Phrasebook([a, b]).edition)

    @given(
        st.text(max_size=40),
        st.sampled_from([*FACTS, None]),
        st.text(max_size=30),
        st.one_of(st.none(), st.text(max_size=30)),
    )
    @settings(max_examples=60, deadline=None)
    def test_no_phrase_makes_a_reading_raise(self, label, fact, heading, after):
        book = Phrasebook([TaughtPhrase(label, fact, heading, after)])
        report = read(KELP, book=book)
        self.assertEqual(len(report.lines), len(read(KELP).lines))

    def test_a_statement_of_blanks_and_figures_stays_linear(self):
        phrase = TaughtPhrase("a " * 12, "host.owner", after=" b" * 12)
        read(b"a " * 9_000 + b"\n" + b"a b " * 4_000, book=Phrasebook([phrase]))


class WhatALineOffers(unittest.TestCase):
    def offer(self, line):
        return teachable(read(KELP), labelled_values(KELP), line)

    def test_the_label_the_value_and_the_headings_the_nearest_first(self):
        (part,) = self.offer(6)
        self.assertEqual((part.label, part.printed, part.fact), ("Sorte", "SSD", "disk.media"))
        self.assertEqual(part.headings[0], "Kelp disk 0")
        self.assertIn("kelp sheet", part.headings)
        self.assertEqual(KELP.decode().splitlines()[5][part.column - 1 : part.end_column - 1], "SSD")

    def test_what_is_read_already_is_told(self):
        (part,) = self.offer(8)
        self.assertEqual(part.fact, "disk.serial")

    def test_a_plain_line_offers_no_part_but_a_likely_value(self):
        self.assertEqual(self.offer(15), [])
        self.assertEqual(likely_value("wear so far is 12 percent of it"), "12 percent")
        self.assertEqual(likely_value("The seal was last broken on 2025-06-02 07:15."), "2025-06-02 07:15")
        self.assertEqual(likely_value("the lamp is lit."), "lit")

    def test_suggestions_can_hold_the_value_and_fit_what_is_spoken_of(self):
        self.assertEqual(suggestions("Hold", "128 GB", ("Kelp disk 0",), PLAIN)[0], "disk.size")
        self.assertNotIn("disk.size", suggestions("Hold", "lit", ("Kelp disk 0",), PLAIN))
        self.assertIn("memory.installed", suggestions("Zubber", "16 GB", (), PLAIN)[:5])


class Refusals(unittest.TestCase):
    def refused(self, phrase, printed="", known=()):
        return refusal(phrase, printed, PLAIN, [(each, "Ines Calloway") for each in known])

    def test_a_second_meaning_for_the_same_words_names_the_first(self):
        known = TaughtPhrase("Hold", "disk.size")
        said = self.refused(TaughtPhrase("hold", "disk.unallocated"), "5 GB", [known])
        self.assertIn("“Hold” was taught as disk.size by Ines Calloway", said)
        self.assertIsNone(self.refused(TaughtPhrase("Hold", "disk.unallocated", "Kelp disk 0"), "5 GB", [known]))

    def test_a_label_that_means_other_things_by_context_is_taught_under_a_heading_only(self):
        self.assertIn("for this heading only", self.refused(TaughtPhrase("Size", "disk.size"), "5 GB"))
        self.assertIsNone(self.refused(TaughtPhrase("Size", "disk.size", "Holds"), "5 GB"))

    def test_a_value_that_cannot_be_such_a_fact(self):
        self.assertIn("not a size", self.refused(TaughtPhrase("Hold", "disk.size"), "lit"))
        self.assertIn("good, warning, failing", self.refused(TaughtPhrase("Fettle", "disk.health"), "mauve"))

    def test_words_are_needed_and_not_too_many_of_them(self):
        self.assertIn("needs words", self.refused(TaughtPhrase("12", "disk.size")))
        self.assertIn("needs words", self.refused(TaughtPhrase("", "disk.size")))
        self.assertIn("is a text", self.refused(TaughtPhrase("word " * 20, "disk.size")))
        self.assertIn("no fact", self.refused(TaughtPhrase("Hold", "disk.colour")))
