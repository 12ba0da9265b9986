"""The team's phrasebook: taught with a preview, shared, switched off, taken along; stored reports follow, records stay."""

import json

from tests.records.test_visits import WithAStore
from yes_tally.core.reading.phrases.taught import TaughtPhrase
from yes_tally.records import chain, phrasebook, rereading, teaching, visits
from yes_tally.records.assets import NewAsset
from yes_tally.records.models import Phrase, Record, ReportReading
from yes_tally.records.phrasebook import From
from yes_tally.records.store import NotThere, Refused
from yes_tally.records.understanding import understand

KELP = b"svc@kio-%d > kelp sheet\nHost name: kio-%d\nBerth memory: %d GB\nLamp: lit\n"
BERTH = TaughtPhrase("Berth memory", "memory.installed")


class WithReports(WithAStore):
    def setUp(self):
        super().setUp()
        self.visits = [self.hand(KELP % (n, n, 4 * n)) for n in (1, 2, 3)]
        self.sha256 = self.visits[0].reports.get().report_id

    def read_all(self):
        count = 0
        while waiting := rereading.next_waiting(2):
            rereading.read_again(waiting)
            count += len(waiting)
        return count

    def teach(self, phrase=BERTH, line=3, printed="4 GB"):
        return teaching.teach(phrase, From(self.sha256, line, printed), self.lead)

    def memory(self, visit):
        fact = understand(visits.get_visit(visit.id)).book.single("memory.installed")
        return fact.value.value if fact else None


class Taught(WithReports):
    def test_the_preview_shows_every_stored_report_that_would_change_and_changes_nothing(self):
        for after in (lambda: None, self.read_all):
            after()
            found = teaching.preview(BERTH, From(self.sha256, 3, "4 GB"))
            self.assertEqual((found.refused, found.reports, found.not_read), (None, 3, 0))
            self.assertEqual({c.visit for c in found.changes}, {v.id for v in self.visits})
            first = found.changes[0]
            self.assertEqual((first.report, first.line, first.before), (self.sha256, 3, None))
            self.assertEqual(first.after.fact, "memory.installed")
            self.assertIsNone(self.memory(self.visits[0]))

    def test_a_guess_that_becomes_sure_is_a_change(self):
        visit = self.hand(b"svc@kio-9 > kelp sheet\nKelp disk 0\n  Sorte: SSD\n  Serial number: HLD-20117\n")
        sha256 = visit.reports.get().report_id
        (change,) = teaching.preview(TaughtPhrase("Sorte", "disk.media"), From(sha256, 3, "SSD")).changes
        self.assertEqual((change.before.fact, change.before.in_doubt), ("disk.media", True))
        self.assertEqual((change.after.fact, change.after.in_doubt), ("disk.media", False))

    def test_open_visits_follow_at_once_and_back_again(self):
        row = self.teach()
        self.assertEqual([self.memory(v) for v in self.visits], [n * 4 * 2**30 for n in (1, 2, 3)])
        teaching.switch(row.id, False, self.lead)
        self.assertIsNone(self.memory(self.visits[0]))
        teaching.switch(row.id, True, self.lead)
        self.assertEqual(self.memory(self.visits[0]), 4 * 2**30)

    def test_it_keeps_who_taught_it_and_from_what(self):
        row = self.teach()
        self.assertEqual(
            (row.taught_by.name, row.report_id, row.line, row.printed), ("Ines Calloway", self.sha256, 3, "4 GB")
        )
        self.assertEqual(teaching.says(row).reports, 3)

    def test_the_same_phrase_twice_is_one(self):
        self.assertEqual(self.teach().id, self.teach().id)
        self.assertEqual(Phrase.select().count(), 1)

    def test_a_contradiction_is_refused_and_nothing_is_kept(self):
        self.teach()
        with self.assertRaisesRegex(Refused, "was taught as memory.installed by Ines Calloway"):
            self.teach(TaughtPhrase("Berth memory", "memory.usable"))
        self.assertEqual(Phrase.select().count(), 1)

    def test_what_took_its_place_keeps_it_off(self):
        first = self.teach()
        teaching.switch(first.id, False, self.lead)
        self.teach(TaughtPhrase("Berth memory", "memory.usable"))
        with self.assertRaisesRegex(Refused, "memory.usable"):
            teaching.switch(first.id, True, self.lead)

    def test_lines_and_phrases_that_are_not_there(self):
        with self.assertRaises(NotThere):
            teaching.on_line(self.sha256, "", 99)
        with self.assertRaises(NotThere):
            teaching.on_line("0" * 64, "", 1)
        with self.assertRaises(NotThere):
            teaching.switch(7, True, self.lead)

    def test_a_line_offers_its_label_with_the_likeliest_facts(self):
        line = teaching.on_line(self.sha256, "", 3)
        ((part, may_be),) = line.parts
        self.assertEqual((part.label, part.printed), ("Berth memory", "4 GB"))
        self.assertIn("memory.installed", may_be[:5])


class TakenAlong(WithReports):
    def test_a_file_is_looked_at_then_taken_and_conflicts_stay_out(self):
        self.teach()
        offered = [
            BERTH,
            TaughtPhrase("Berth memory", "memory.limit"),
            TaughtPhrase("Lamp", None),
            TaughtPhrase("9", "disk.size"),
        ]
        for keep in (False, True):
            told = teaching.take_over(offered, self.lead, keep)
            self.assertEqual([why is None for _, why in told], [False, False, True, False])
            self.assertEqual(Phrase.select().count(), 2 if keep else 1)

    def test_two_phrases_of_one_file_that_contradict_each_other(self):
        offered = [TaughtPhrase("Bilge", "disk.size"), TaughtPhrase("Bilge", "disk.unallocated")]
        told = teaching.take_over(offered, self.lead, True)
        self.assertIsNone(told[0][1])
        self.assertIn("disk.size", told[1][1])


class ReadingAgain(WithReports):
    def test_everything_is_read_once_and_only_what_holds_the_words_is_read_again(self):
        other = self.hand(b"Host name: nq-aaa-01\nBuild: 12.0\n")
        self.assertEqual(self.read_all(), 4)
        self.assertEqual(rereading.standing().waiting, 0)
        self.teach()
        self.assertEqual(rereading.standing(), rereading.Standing(4, 3))
        self.assertNotIn(other.reports.get().report_id, {sha for sha, _ in rereading.next_waiting(10)})
        self.assertEqual(self.read_all(), 3)

    def test_a_new_reader_reads_everything(self):
        self.read_all()
        ReportReading.update(reader=0).execute()
        self.assertEqual(self.read_all(), 3)

    def test_unknown_labels_stand_with_a_place_and_go_when_taught(self):
        self.read_all()
        labels = {u.label: u for u in rereading.unknown_labels()}
        self.assertEqual((labels["Berth memory"].reports, labels["Berth memory"].line), (3, 3))
        self.teach()
        self.read_all()
        self.assertNotIn("Berth memory", {u.label for u in rereading.unknown_labels()})

    def test_a_sealed_record_stays_and_what_would_differ_is_told(self):
        visit = visits.enter(self.visits[0].id, self.visits[0].version, NewAsset("LSF-0077", role="kiosk"), self.lead)
        record = visits.seal_visit(visit.id, visit.version, self.lead)
        body = chain.body_of(record)
        self.read_all()
        self.assertEqual(rereading.differing_visits(), [])
        row = self.teach()
        self.read_all()
        (differs,) = rereading.differing_visits()
        self.assertEqual((differs.visit_id, differs.differs), (visit.id, 1))
        (fact,) = rereading.since_sealed(visits.get_visit(visit.id))
        self.assertEqual((fact.name, fact.sealed, fact.now), ("memory.installed", "", "4 GB"))
        self.assertEqual(chain.body_of(Record.get_by_id(record.number)), body)
        self.assertEqual(chain.verify(), (1, None))
        teaching.switch(row.id, False, self.lead)
        self.read_all()
        self.assertEqual(rereading.differing_visits(), [])

    def test_a_record_names_the_phrasebook_it_was_read_with(self):
        self.teach()
        visit = visits.enter(self.visits[1].id, self.visits[1].version, NewAsset("LSF-0078", role="kiosk"), self.lead)
        record = visits.seal_visit(visit.id, visit.version, self.lead)
        body = json.loads(chain.body_of(record))
        self.assertEqual(
            body["content"]["phrasebook"] if "content" in body else body["phrasebook"],
            phrasebook.current_book().edition,
        )
