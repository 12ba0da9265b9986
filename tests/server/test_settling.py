"""Rulings, cross-checks, evidence and the parts book over the API: what one person does, the other sees or is told."""

import json
import unittest

from tests.browser.driven import PASSWORDS
from tests.server.test_server import client
from tests.stores import copy_of_demo
from yes_tally.records.models import AssetTrace, PartEntry, Record, VisitFinding
from yes_tally.records.parts import current_parts
from yes_tally.records.store import using
from yes_tally.server.routes.people import tries


class OverTheApi(unittest.TestCase):
    def setUp(self):
        copy_of_demo()
        tries._failed.clear()
        self.web = self.signed_in("tamsin")

    def signed_in(self, name):
        web = self.enterContext(client())
        web.post("/api/sign-in", json={"sign_in": name, "password": PASSWORDS[name]})
        return web

    def get(self, path, **query):
        answer = self.web.get(f"/api/{path}", params=query)
        self.assertEqual(answer.status_code, 200, answer.text)
        return answer.json()

    def visit_of(self, title):
        return next(v for v in self.get("visits") if v["title"].startswith(title))

    def problem(self, answer, status, said):
        self.assertEqual(answer.status_code, status, answer.text)
        self.assertIn(said.casefold(), answer.json()["detail"].casefold())


class Disputes(OverTheApi):
    def setUp(self):
        super().setUp()
        self.number = self.visit_of("nq-crw-04")["id"]

    def detail(self):
        return self.get(f"visits/{self.number}")

    def memory(self, detail):
        return next(f for f in detail["facts"] if f["name"] == "memory.installed")

    def rule(self, web=None, **other):
        detail = self.detail()
        eight = next(n for n, v in enumerate(self.memory(detail)["values"]) if v["shown"] == "8 GB")
        given = {"version": detail["version"], "fact": "memory.installed", "choice": eight, "why": "opened the case"}
        return (web or self.web).post(f"/api/visits/{self.number}/rulings", json={**given, **other})

    def test_a_ruling_settles_the_fact_and_stands_in_the_record(self):
        self.assertTrue(self.memory(self.detail())["disputed"])
        self.assertEqual(self.rule().status_code, 201)
        fact = self.memory(self.detail())
        self.assertEqual((fact["disputed"], fact["values"][0]["shown"], len(fact["values"])), (False, "8 GB", 2))
        self.assertEqual((fact["ruled"]["by"], fact["ruled"]["why"]), ("Tamsin Quill", "opened the case"))
        detail = self.detail()
        asset = detail["asset"]["id"]
        self.web.post(f"/api/visits/{self.number}/enter", json={"version": detail["version"], "asset": asset})
        sealed = self.web.post(f"/api/visits/{self.number}/seal", json={"version": detail["version"] + 1})
        self.assertEqual(sealed.status_code, 200, sealed.text)
        with using():
            last = json.loads(bytes(Record.select().order_by(Record.number.desc()).first().body))
            self.assertTrue(VisitFinding.select().where(VisitFinding.visit == self.number).count())
        ruled = next(f for f in last["facts"] if f["name"] == "memory.installed")
        self.assertEqual(ruled["ruled"]["why"], "opened the case")
        self.assertEqual(last["parts_book"], self.edition())
        self.assertIn("modules and installed memory", {f["cross_check"] for f in last["findings"]})
        self.assertEqual(self.get(f"assets/{asset}")["since_sealed"], [])

    def edition(self):
        with using():
            return current_parts().edition

    def test_two_people_ruling_on_one_dispute_the_second_is_told(self):
        version = self.detail()["version"]
        self.assertEqual(self.rule(version=version).status_code, 201)
        other = self.signed_in("ines")
        self.problem(self.rule(other, version=version, why="I think not"), 409, "nothing of it was overwritten")
        self.assertEqual(self.memory(self.detail())["ruled"]["by"], "Tamsin Quill")
        self.assertEqual(self.rule(other, why="weighed it again").status_code, 201)
        self.assertEqual(self.memory(self.detail())["ruled"]["by"], "Ines Calloway")

    def test_a_ruling_lapses_when_a_new_witness_speaks_and_says_so(self):
        self.rule()
        text = b"host: nq-crw-04\n\npc > another look\nInstalled memory: 8 GB\n"
        self.web.post("/api/reports", content=text, params={"beside": self.number})
        detail = self.detail()
        self.assertTrue(self.memory(detail)["disputed"])
        self.assertEqual([(r["fact"], r["why"]) for r in detail["lapsed"]], [("memory.installed", "opened the case")])

    def test_a_ruling_can_be_taken_back(self):
        self.rule()
        given = {"version": self.detail()["version"], "fact": "memory.installed"}
        taken = self.web.post(f"/api/visits/{self.number}/rulings/take-back", json=given)
        self.assertTrue(self.memory(taken.json())["disputed"])
        given["version"] += 1
        again = self.web.post(f"/api/visits/{self.number}/rulings/take-back", json=given)
        self.problem(again, 404, "nobody ruled")

    def test_what_makes_no_sense_is_refused_in_words(self):
        self.problem(self.rule(why="  "), 422, "needs its reason")
        self.problem(self.rule(choice=7), 422, "2 values to choose from")
        self.problem(self.rule(fact="os.build"), 422, "nothing is disputed")
        self.problem(self.rule(fact="no.such"), 422, "nothing is disputed")
        reader = self.signed_in("bram")
        self.assertEqual(self.rule(reader).status_code, 403)


class Evidence(OverTheApi):
    def test_findings_and_ids_met_elsewhere_stand_with_their_lines(self):
        detail = self.get(f"visits/{self.visit_of('nq-crw-04')['id']}")
        found = {f["check"]: f for f in detail["findings"]}
        self.assertLessEqual({"modules and installed memory", "set up and oldest trace", "refurbished"}, set(found))
        place = found["modules and installed memory"]["places"][0]
        lines = self.get(f"reports/{place['report']}/lines", line=place["line"], around=1)
        self.assertIn(place["printed"], next(x["text"] for x in lines if x["number"] == place["line"]))
        self.assertLessEqual(len(lines), 3)
        cloned = self.get(f"visits/{self.visit_of('nq-dsp-04')['id']}")["crossings"]
        self.assertIn("machine id", " ".join(c["says"] for c in cloned))
        swapped = self.get(f"assets/{self.asset('gp-wks-01')}")["crossings"]
        self.assertIn("two places" if len(swapped) else "", {c["meaning"] for c in swapped} | {"two places"})
        self.assertTrue(any("nq-acc-02" in c["says"] for c in swapped))

    def asset(self, host):
        return next(a["asset"]["id"] for a in self.get("floor")["assets"] if a["asset"]["host"] == host)

    def test_what_is_unsaid_comes_with_what_to_ask(self):
        page = self.get(f"assets/{self.asset('nq-acc-04')}")
        unsaid = [a for a in page["answers"] if a["verdict"] == "unsaid"]
        self.assertTrue(unsaid)
        self.assertTrue(any(ask["typed"] == "about licence" for a in unsaid for ask in a["ask"]))
        self.assertEqual([a["ask"] for a in page["answers"] if a["verdict"] == "yes" and a["ask"]], [])

    def test_lines_that_are_not_there_are_said(self):
        report = self.get(f"visits/{self.visit_of('nq-crw-04')['id']}")["reports"][0]["sha256"]
        self.problem(self.web.get(f"/api/reports/{report}/lines?line=999999"), 404, "has no line 999999")
        self.problem(self.web.get("/api/reports/nonsense/lines?line=1"), 404, "there is no report")
        self.assertEqual(self.web.get(f"/api/reports/{report}/lines?line=0").status_code, 422)

    def test_the_registry_is_told(self):
        checks = self.get("cross-checks")
        self.assertIn("modules and installed memory", {check["name"] for check in checks})


class Parts(OverTheApi):
    NEW = {"kind": "module", "number": "DN16-D5-4800", "size": "16 GB", "type": "DDR5"}

    def write(self, columns, replaces=None, web=None):
        return (web or self.web).post("/api/parts", json={"columns": columns, "replaces": replaces})

    def test_a_part_is_written_changed_and_taken_out_and_nothing_is_lost(self):
        first = self.write(self.NEW).json()
        second = self.write({**self.NEW, "pins": "288"}, first["id"]).json()
        self.assertEqual([p["columns"].get("pins") for p in self.get(f"parts/{second['id']}/history")], ["288", None])
        other = self.signed_in("ines")
        self.problem(self.write({**self.NEW, "pins": "262"}, first["id"], other), 409, "Tamsin Quill changed")
        self.assertEqual(self.web.post(f"/api/parts/{second['id']}/take-out").status_code, 200)
        self.assertNotIn("DN16-D5-4800", {p["number"] for p in self.get("parts")["parts"]})
        self.assertEqual(self.write(self.NEW).status_code, 201)
        self.assertEqual(len(self.get(f"parts/{first['id']}/history")), 3)

    def test_one_part_is_in_the_book_once(self):
        self.problem(self.write({"kind": "disk", "number": "basalt  nv500"}), 422, "in the parts book already")
        self.problem(self.write({"kind": "disk", "number": "x", "size": "big"}), 422, "“big” is no size")

    def test_records_suggest_what_the_book_lacks(self):
        suggested = {s["columns"]["number"]: s for s in self.get("parts")["suggested"]}
        self.assertEqual(suggested["DN16-D5-4800"]["columns"]["size"], "16 GB")
        self.assertEqual(self.write(suggested["DN16-D5-4800"]["columns"]).status_code, 201)
        self.assertNotIn("DN16-D5-4800", {s["columns"]["number"] for s in self.get("parts")["suggested"]})

    def test_a_file_is_looked_at_then_taken_whole_or_not_at_all(self):
        text = self.web.get("/api/parts/file").text
        more = text + "module,NEW-1,,,,4 GB\r\n".replace(
            ",,,,", "," * (text.splitlines()[0].split(",").index("size") - 1)
        )
        look = self.web.post("/api/parts/file/look", json={"text": more}).json()
        self.assertEqual((look["new"], look["changed"], look["troubles"]), (1, 0, []))
        twice = more + "module,new-1\r\n"
        told = self.web.post("/api/parts/file/look", json={"text": twice}).json()["troubles"]
        self.assertIn("stands on line", told[0]["message"])
        with using():
            before = PartEntry.select().count()
        self.problem(self.web.post("/api/parts/file", json={"text": twice}), 422, "Nothing was taken in")
        with using():
            self.assertEqual(PartEntry.select().count(), before)
        self.assertEqual(self.web.post("/api/parts/file", json={"text": more}).json()["new"], 1)
        self.assertEqual(self.web.post("/api/parts/file", json={"text": more}).json()["same"], look["same"] + 1)

    def test_readers_look_but_do_not_write(self):
        reader = self.signed_in("bram")
        self.assertEqual(reader.get("/api/parts").status_code, 200)
        self.assertEqual(self.write(self.NEW, web=reader).status_code, 403)

    def test_what_the_book_learns_is_used_at_once(self):
        asset = next(a["asset"]["id"] for a in self.get("floor")["assets"] if a["asset"]["host"] == "nq-drw-01")
        entry = next(p for p in self.get("parts")["parts"] if p["number"] == "Kestrel K7-9650")
        self.write({**entry["columns"], "kind": "processor", "number": "Kestrel K7-9650", "cores": "4"}, entry["id"])
        says = [f["says"] for f in self.get(f"assets/{asset}")["findings"]]
        self.assertTrue(any("a Kestrel K7-9650 has cores 4" in text for text in says), says)


class Traces(unittest.TestCase):
    def test_a_visit_is_compared_by_its_ids_alone(self):
        copy_of_demo()
        with using():
            kinds = {row.kind for row in AssetTrace.select()}
        self.assertLessEqual({"serial", "uuid", "mac", "disk", "module", "host", "tag"}, kinds)
