"""Whatever is sent, by however many at once: a clear answer, nothing lost, nothing written twice."""

import json
import re
import unittest
from concurrent.futures import ThreadPoolExecutor
from datetime import datetime

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.served import served
from tests.server.test_server import REPORT, WithAServer, client
from tests.stores import PASSWORD, copy_of_demo
from yes_tally.records import chain, people
from yes_tally.records.models import Record, Report, Visit, VisitReport
from yes_tally.records.store import using
from yes_tally.standins import SEED
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

ANY_JSON = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats(allow_nan=False, allow_infinity=False) | st.text(max_size=30),
    lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.sampled_from(["version", "asset", "new", "tag", "text", "note", "sign_in", "password"]), inner, max_size=4),
    max_leaves=8,
)  # fmt: skip
AWKWARD = ("0", "-1", "99999999999999999999", "1.5", "%00", "..%2f..%2fetc", "' OR 1=1 --", "é", "\u202e", "x" * 2000)


class AnyRequest(WithAServer):
    def routes(self):
        for path, methods in served().openapi()["paths"].items():
            for method in methods:
                if path not in ("/api/sign-out", "/api/sign-in"):
                    yield method, path

    def answered(self, answer):
        """Never an error of the server's own; errors are problems, and say something."""
        self.assertLess(answer.status_code, 500, answer.text)
        if answer.status_code >= 400:
            self.assertEqual(answer.headers["content-type"], "application/problem+json")
            self.assertTrue(answer.json()["detail"])

    def test_awkward_places_are_answered(self):
        for method, path in self.routes():
            for awkward in AWKWARD if "{" in path else ():
                self.answered(
                    self.web.request(
                        method, re.sub(r"\{\w+\}", awkward, path), json={"version": 1} if method == "post" else None
                    )
                )

    def test_any_body_is_answered(self):
        self.hand_in()
        posts = [path for method, path in self.routes() if method == "post"]

        @settings(max_examples=60, deadline=None)
        @given(st.sampled_from(posts), ANY_JSON)
        def sent(path, body):
            self.answered(self.web.post(re.sub(r"\{\w+\}", "1", path), json=body))

        sent()
        with using():
            self.assertIsNone(chain.verify()[1])

    def test_any_question_is_answered(self):
        for query in ("?hours=0", "?hours=x", "?hours=1e9", "?beside=x", "?way=fax", "?file=" + "é" * 200):
            self.answered(self.web.get("/api/tape" + query))
            self.answered(self.web.post("/api/reports" + query, content=REPORT))

    def test_pages_give_nothing_but_the_application(self):
        for path in ("/", "/bench", "/bench/1", "/floor", "/assets/2", "/sign-in"):
            self.assertIn(self.web.get(path).status_code, (200, 503))
        for path in (
            "/static/assets/../../app.py",
            "/static/assets/%2e%2e/app.py",
            "/data/demo/yes-tally.db",
            "/etc/passwd",
            "/static/assets/",
        ):
            answer = self.web.get(path)
            self.assertEqual(answer.status_code, 404, path)
            self.assertNotIn("import", answer.text)

    def test_a_spec_as_long_as_it_may_be_is_checked_in_time(self):
        text = 'spec "long"\n' + 'must memory.instaled at least 16 GB and (host.name like "a*")\n' * 400
        answer = self.web.post("/api/specs/check", json={"text": text})
        self.assertEqual(len(answer.json()["mistakes"]), 101)


class ManyAtOnce(WithAServer):
    def setUp(self):
        super().setUp()
        with using():
            for number in range(6):
                people.add_person(f"helper{number}", f"Helper {number}", "technician", PASSWORD)
        self.helpers = [self.sign_in(f"helper{number}", client()) for number in range(6)]

    def at_once(self, work):
        with ThreadPoolExecutor(len(self.helpers)) as pool:
            return list(pool.map(work, self.helpers))

    def test_every_report_acknowledged_is_kept(self):
        def hand_in_ten(web):
            answers = [
                self.hand_in(f"Host name: nq-{id(web) % 9973}-{n}\nModel: Brig {n}\n".encode(), web=web)
                for n in range(10)
            ]
            return [answer.status_code for answer in answers]

        codes = [code for codes in self.at_once(hand_in_ten) for code in codes]
        self.assertEqual(codes, [201] * 60)
        with using():
            self.assertEqual((Report.select().count(), VisitReport.select().count()), (60, 60))

    def test_the_same_report_from_six_is_one_report_in_one_visit(self):
        visits = {self.hand_in(web=web).json()["id"] for web in self.helpers[:1]} | set(
            self.at_once(lambda web: self.hand_in(web=web).json()["id"])
        )
        with using():
            self.assertEqual((len(visits), Report.select().count(), VisitReport.select().count()), (1, 1, 1))

    def test_six_who_seal_one_visit_make_one_record_and_five_are_told(self):
        visit = self.hand_in().json()
        entered = self.web.post(
            f"/api/visits/{visit['id']}/enter", json={"version": visit["version"], "new": {"tag": "LSF-0001"}}
        ).json()
        answers = self.at_once(
            lambda web: web.post(f"/api/visits/{visit['id']}/seal", json={"version": entered["version"]})
        )
        self.assertEqual(sorted(answer.status_code for answer in answers), [200, 409, 409, 409, 409, 409])
        for answer in answers:
            if answer.status_code == 409:
                self.assertIn("sealed this visit as record 1", answer.json()["detail"])
        with using():
            self.assertEqual((Record.select().count(), chain.verify()[1]), (1, None))

    def test_six_who_enter_one_visit_make_one_asset_and_five_are_told(self):
        visit = self.hand_in().json()

        def enter(web):
            new = {"tag": f"LSF-{id(web)}"}
            return web.post(
                f"/api/visits/{visit['id']}/enter", json={"version": visit["version"], "new": new}
            ).status_code

        self.assertEqual(sorted(self.at_once(enter)), [200, 409, 409, 409, 409, 409])
        with using():
            self.assertIsNotNone(Visit.get().asset)

    def test_records_sealed_at_once_stand_in_one_whole_chain(self):
        numbers = []
        for n, web in enumerate(self.helpers):
            visit = self.hand_in(
                f"Host name: nq-tst-{n}\nSerial number: VR-{n}-00\nModel: Brig\n".encode(), web=web
            ).json()
            new = {"version": visit["version"], "new": {"tag": f"LSF-{n:04}"}}
            numbers.append((visit["id"], web.post(f"/api/visits/{visit['id']}/enter", json=new).json()["version"]))
        work = dict(zip(self.helpers, numbers, strict=True))
        codes = self.at_once(
            lambda web: web.post(f"/api/visits/{work[web][0]}/seal", json={"version": work[web][1]}).status_code
        )
        self.assertEqual(codes, [200] * 6)
        with using():
            self.assertEqual(chain.verify(), (6, None))
            bodies = [json.loads(bytes(r.body)) for r in Record.select().order_by(Record.number)]
        self.assertEqual([body["number"] for body in bodies], [1, 2, 3, 4, 5, 6])


class TheDemoOverTheApi(unittest.TestCase):
    """What a technician is shown of the demo office, asset by asset."""

    @classmethod
    def setUpClass(cls):
        copy_of_demo()
        cls.web = cls.enterClassContext(client())
        cls.web.post("/api/sign-in", json={"sign_in": "bram", "password": "ticket-hut-11"})
        cls.floor = cls.web.get("/api/floor").json()

    def asset(self, host):
        number = next(a["asset"]["id"] for a in self.floor["assets"] if a["asset"]["host"] == host)
        return self.web.get(f"/api/assets/{number}").json()

    def test_every_asset_page_answers_and_every_seal_is_whole(self):
        for entry in self.floor["assets"]:
            page = self.web.get(f"/api/assets/{entry['asset']['id']}").json()
            self.assertTrue(all(visit["record"]["whole"] for visit in page["visits"]))
            self.assertEqual(bool(page["visits"]), entry["visited_at"] is not None)
            self.assertGreater(len(page["facts"]), 40 if page["visits"] else -1)

    def test_every_answer_names_its_line_or_says_why_it_has_none(self):
        for host in ("nq-tkt-03", "nq-acc-04", "nq-drw-03", "gp-wks-02"):
            for answer in self.asset(host)["answers"]:
                if answer["verdict"] in ("yes", "no") and answer["found"] not in ("none", "no such software"):
                    self.assertTrue(any(w["line"] > 0 for w in answer["witnesses"]), answer)
                self.assertTrue(answer["why"] or answer["found"], answer)

    def test_margins_carry_their_unit(self):
        answers = {a["says"]: a for a in self.asset("nq-tkt-05")["answers"]}
        tight = answers["every volume where kind is fixed: free at least 15% of size"]
        self.assertEqual(tight["verdict"], "no")
        self.assertRegex(tight["margin"], r"^short by [\d.]+ GB$")
        self.assertLess(tight["scale"]["high"], tight["scale"]["limit"])

    def test_what_was_refused_is_unsaid_and_says_what_failed(self):
        unsaid = [a for a in self.asset("nq-acc-04")["answers"] if a["verdict"] == "unsaid"]
        self.assertEqual(len(unsaid), 4)
        for answer in unsaid:
            self.assertIn("it needs administrator rights", answer["why"])

    def test_german_and_utf_16_reports_answer_like_the_others(self):
        for host in ("gp-tkt-02", "nq-drw-04"):
            verdicts = [a["verdict"] for a in self.asset(host)["answers"] if a["strength"] == "must"]
            self.assertEqual(set(verdicts), {"yes"}, host)

    def test_what_needs_a_person_is_told_with_where(self):
        matters = {(" ".join(m["where"]), m["what"]) for m in self.floor["matters"]}
        self.assertIn(("gp-wks-01 nq-acc-02", "both have shown the same disk"), matters)
        self.assertTrue(any("host name differs" in what for _, what in matters))

    def test_the_stand_ins_print_what_the_demo_read(self):
        today = next(pc for pc in office(SEED, datetime.now()) if pc.host == "nq-tkt-03")
        facts = {f["name"]: f["values"][0]["value"] for f in self.asset("nq-tkt-03")["facts"] if f["item"] is None}
        self.assertEqual(
            (facts["machine.serial"], facts["memory.slots"]), (today["machine.serial"], today["memory.slots"])
        )
        self.assertIn(today["machine.serial"], session(today, ENGLISH))
