"""Visits and records: joined, entered, sealed, never overwritten, never changed."""

import json
import unittest
from datetime import datetime

from peewee import IntegrityError, PeeweeException

from tests.stores import PASSWORD, copy_of_demo, empty_store
from yes_tally.core.expecting.terms import SpecMistakes
from yes_tally.core.sealing import canonical
from yes_tally.records import chain, floor, people, specs, visits
from yes_tally.records.assets import NewAsset
from yes_tally.records.models import Asset, Person, Record, Visit, VisitReport
from yes_tally.records.store import AlreadySealed, NotThere, Refused, Stale, database, using
from yes_tally.records.traces import met_twice
from yes_tally.records.understanding import understand
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

TODAY = datetime(2026, 3, 2, 9, 0)
OFFICE = {pc.host: pc for pc in office(3, TODAY)}
SPEC = 'spec "All"\nmust memory.installed at least 16 GB\nmust licence.channel is volume\n'


def printed(host, commands=ENGLISH):
    return session(OFFICE[host], commands).encode()


class WithAStore(unittest.TestCase):
    def setUp(self):
        self.path, self.lead = empty_store()
        context = using()
        context.__enter__()
        self.addCleanup(context.__exit__, None, None, None)

    def hand(self, data, beside=None, file="a.txt"):
        return visits.hand_in(data, file, "pasted", self.lead, beside)

    def sealed(self, host="nq-tkt-01", tag="LSF-0001"):
        visit = self.hand(printed(host))
        known = Asset.get_or_none(Asset.tag == tag)
        visit = visits.enter(visit.id, visit.version, known.id if known else NewAsset(tag, role="counter"), self.lead)
        return visits.seal_visit(visit.id, visit.version, self.lead)


class HandingIn(WithAStore):
    def test_reports_of_one_pc_come_together_and_of_another_apart(self):
        first = self.hand(printed("nq-tkt-01", ENGLISH[:3]))
        second = self.hand(printed("nq-tkt-01", ENGLISH[3:]))
        other = self.hand(printed("nq-tkt-02", ENGLISH[:3]), beside=first.id)
        self.assertEqual(first.id, second.id)
        self.assertNotEqual(first.id, other.id)
        self.assertEqual(VisitReport.select().where(VisitReport.visit == first).count(), 2)

    def test_a_report_without_a_name_joins_the_visit_it_was_pasted_beside(self):
        first = self.hand(printed("nq-tkt-01", ENGLISH[:1]))
        self.assertEqual(self.hand(b"Build: 12.0.4417.82\nEdition: Studio\n", beside=first.id).id, first.id)
        self.assertNotEqual(self.hand(b"Build: 12.0.4417.85\nEdition: Studio\n").id, first.id)

    def test_a_report_that_names_a_pc_never_joins_a_visit_of_nobody(self):
        nobody = self.hand(b"Build: 12.0.4417.82\nEdition: Studio\n")
        named = self.hand(printed("nq-tkt-01", ENGLISH[:1]), beside=nobody.id)
        self.assertNotEqual(named.id, nobody.id)

    def test_a_sealed_visit_takes_nothing_more(self):
        record = self.sealed()
        again = self.hand(printed("nq-tkt-01", ENGLISH[:1]), beside=record.visit_id)
        self.assertNotEqual(again.id, record.visit_id)

    def test_nothing_at_all_is_refused_in_words(self):
        for data in (b"", b" \r\n\t", b"\xff\xfe\x00\x00"):
            with self.assertRaisesRegex(Refused, "empty"):
                self.hand(data)


class EnteringAndSealing(WithAStore):
    def test_two_people_entering_one_visit_the_second_is_told_and_nothing_is_overwritten(self):
        tamsin = people.add_person("tamsin", "Tamsin Quill", "technician", PASSWORD)
        visit = self.hand(printed("nq-tkt-01"))
        visits.enter(visit.id, visit.version, NewAsset("LSF-0001"), self.lead)
        with self.assertRaisesRegex(Stale, "Ines Calloway changed this visit and entered it to LSF-0001"):
            visits.enter(visit.id, visit.version, NewAsset("LSF-0002"), tamsin)
        self.assertEqual(visits.get_visit(visit.id).asset.tag, "LSF-0001")
        self.assertIsNone(Asset.get_or_none(Asset.tag == "LSF-0002"))

    def test_two_people_sealing_one_visit_give_one_record(self):
        record = self.sealed()
        with self.assertRaisesRegex(AlreadySealed, "Ines Calloway sealed this visit as record 1"):
            visits.seal_visit(record.visit_id, 4, self.lead)
        self.assertEqual(Record.select().count(), 1)

    def test_a_visit_of_nobody_is_not_sealed(self):
        visit = self.hand(printed("nq-tkt-01"))
        with self.assertRaisesRegex(Refused, "enter it first"):
            visits.seal_visit(visit.id, visit.version, self.lead)
        with self.assertRaises(NotThere):
            visits.seal_visit(4711, 1, self.lead)

    def test_the_record_holds_reports_facts_answers_and_who(self):
        specs.publish(SPEC, "first", self.lead)
        record = self.sealed()
        body = json.loads(bytes(record.body))
        self.assertEqual(canonical(body), bytes(record.body))
        self.assertEqual((body["asset"]["tag"], body["sealed"]["by"], body["number"]), ("LSF-0001", "Ines Calloway", 1))
        self.assertEqual([r["sha256"] for r in body["reports"]], [r.report_id for r in record.visit.reports])
        self.assertEqual(
            [(a["answer"], a["found"]) for a in body["specs"][0]["answers"]],
            [("yes", "16 GB"), ("no", "retail")],
        )
        build = next(f for f in body["facts"] if f["name"] == "os.build")
        self.assertEqual(build["values"][0]["witnesses"][0]["source"], "about system")

    def test_an_asset_is_known_again_by_what_was_sealed(self):
        self.sealed()
        found = understand(self.hand(printed("nq-tkt-01", ENGLISH[:2]) + b"\n")).identity
        self.assertEqual(found.kind, "sure")
        self.assertIn("serial", found.candidates[0].agree)

    def test_a_tag_in_use_or_without_letters_is_refused(self):
        self.sealed()
        visit = self.hand(printed("nq-tkt-02"))
        for tag in ("LSF-0001", "  "):
            with self.assertRaises(Refused):
                visits.enter(visit.id, visit.version, NewAsset(tag), self.lead)
        self.assertIsNone(visits.get_visit(visit.id).asset)


class TheSeals(WithAStore):
    def setUp(self):
        super().setUp()
        for host, tag in (("nq-tkt-01", "LSF-0001"), ("nq-tkt-02", "LSF-0002")):
            self.sealed(host, tag)

    def behind_our_back(self, sql):
        database.execute_sql("DROP TRIGGER record_stays")
        database.execute_sql("DROP TRIGGER record_is_kept")
        database.execute_sql("PRAGMA foreign_keys = 0")
        database.execute_sql(sql)

    def test_are_whole_when_nothing_was_touched(self):
        self.assertEqual(chain.verify(), (2, None))

    def test_the_store_itself_refuses_a_change(self):
        for change in (Record.update(sha256="0"), Record.delete()):
            with self.assertRaises((IntegrityError, PeeweeException)):
                change.execute()

    def test_a_changed_record_is_named(self):
        self.behind_our_back("UPDATE record SET body = replace(body, 'volume', 'retail') WHERE number = 2")
        count, flaw = chain.verify()
        self.assertEqual((count, flaw.number), (2, 2))
        self.assertIn("hash differs", flaw.what)

    def test_a_removed_record_is_missed(self):
        self.behind_our_back("DELETE FROM record WHERE number = 1")
        self.assertIn("record 1 is missing", chain.verify()[1].what)

    def test_a_changed_report_is_named(self):
        for sql in (
            "UPDATE report SET compressed = x'00'",
            "UPDATE report SET compressed = (SELECT compressed FROM report ORDER BY sha256 LIMIT 1)",
        ):
            database.execute_sql(sql)
            self.assertIn("report", chain.verify()[1].what)


class Specs(WithAStore):
    def test_publishing_makes_a_revision_and_the_latest_counts(self):
        specs.publish(SPEC, "first", self.lead)
        second = specs.publish(SPEC.replace("16 GB", "32 GB"), "more", self.lead)
        self.assertEqual(second.number, 2)
        current = specs.current_specs()
        self.assertEqual([(p.spec.name, p.number) for p in current], [("All", 2)])
        self.assertIn("32 GB", current[0].text)

    def test_one_with_a_mistake_is_not_published(self):
        with self.assertRaises(SpecMistakes):
            specs.publish(SPEC.replace("installed", "instaled"), "", self.lead)
        self.assertEqual(specs.current_specs(), [])

    def test_a_record_keeps_the_answers_it_was_sealed_with(self):
        specs.publish(SPEC, "first", self.lead)
        record = self.sealed()
        specs.publish(SPEC.replace("16 GB", "32 GB"), "more", self.lead)
        rows = floor.strokes_of([record.visit_id])[record.visit_id]
        self.assertEqual([s.verdict for s in rows], ["yes", "no"])
        self.assertEqual([a.verdict for a in understand(record.visit).answers], ["no", "no"])
        self.assertEqual(floor.specs_behind(record.visit), [("All", 1)])


class People(WithAStore):
    def test_passwords_sessions_and_tokens(self):
        self.assertEqual(people.by_password("INES", PASSWORD), self.lead)
        self.assertIsNone(people.by_password("ines", "wrong"))
        self.assertIsNone(people.by_password("nobody", PASSWORD))
        secret = people.open_session(self.lead)
        self.assertEqual(people.by_session(secret), self.lead)
        database.execute_sql("UPDATE session SET expires_at = '2001-01-01T00:00:00Z'")
        self.assertIsNone(people.by_session(secret))
        token = people.add_token("collector", "ines")
        self.assertEqual(people.by_token(token), self.lead)
        database.execute_sql("UPDATE token SET revoked_at = '2001-01-01T00:00:00Z'")
        self.assertIsNone(people.by_token(token))

    def test_no_secret_is_stored_as_it_is(self):
        secret, token = people.open_session(self.lead), people.add_token("collector", "ines")
        dump = "\n".join(
            str(row)
            for table in ("person", "session", "token")
            for row in database.execute_sql(f"SELECT * FROM {table}")
        )
        for hidden in (secret, token, PASSWORD):
            self.assertNotIn(hidden, dump)
        self.assertTrue(Person.get().password_hash.startswith("$argon2id$"))

    def test_weak_and_double_people_are_refused(self):
        for sign_in, role, password in (
            ("bram", "reader", "short"),
            ("INES", "reader", PASSWORD),
            ("bram", "king", PASSWORD),
        ):
            with self.assertRaises(Refused):
                people.add_person(sign_in, "Bram", role, password)


class TheFloor(unittest.TestCase):
    def setUp(self):
        copy_of_demo()
        context = using()
        context.__enter__()
        self.addCleanup(context.__exit__, None, None, None)

    def test_asks_as_few_questions_for_many_pcs_as_for_one(self):
        asked = []
        execute = database.obj.execute_sql
        database.obj.execute_sql = lambda sql, *rest, **more: asked.append(sql) or execute(sql, *rest, **more)
        self.addCleanup(setattr, database.obj, "execute_sql", execute)
        rows = floor.floor()
        self.assertEqual((len(rows), len(asked)), (36, 3))

    def test_shows_each_pc_s_latest_sealed_visit(self):
        for row in floor.floor():
            latest = (
                Visit.select()
                .where((Visit.asset == row.asset) & (Visit.state == "sealed"))
                .order_by(Visit.taken_at.desc())
                .first()
            )
            self.assertEqual(row.visited_at, latest.taken_at if latest else None)

    def test_finds_parts_that_moved_and_ids_that_were_copied(self):
        twice = {(met.kind, met.assets) for met in met_twice()}
        self.assertIn(("uuid", ("nq-dsp-02", "nq-dsp-04")), twice)
        self.assertIn(("disk", ("gp-wks-01", "nq-acc-02")), twice)
        self.assertEqual(len({assets for _, assets in twice}), 2)

    def test_the_demo_s_first_six_troubles_are_there_to_be_seen(self):
        verdicts = {row.asset.host: [s.verdict for s in row.strokes] for row in floor.floor()}
        for host in ("nq-tkt-03", "nq-drw-03", "nq-tkt-01", "nq-acc-05"):
            self.assertIn("no", verdicts[host], host)
        self.assertIn("disputed", verdicts["nq-crw-04"])
        waiting = {understand(v).identity.kind for v in visits.open_visits()}
        self.assertLessEqual({"sure", "candidates", "unsaid"}, waiting)
        self.assertIsNone(chain.verify()[1])
