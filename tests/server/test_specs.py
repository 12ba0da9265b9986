"""Specs over the API: what the office says to a text, revisions, texts from an example; hostile and broken texts."""

import unittest

from fastapi.testclient import TestClient

from tests.browser.driven import PASSWORDS
from tests.server.test_server import WithAServer, client
from tests.stores import copy_of_demo
from yes_tally.server.routes.people import tries


class InTheDemoOffice(unittest.TestCase):
    web: TestClient

    @classmethod
    def setUpClass(cls):
        copy_of_demo()
        tries._failed.clear()
        cls.web = cls.enterClassContext(client())
        cls.web.post("/api/sign-in", json={"sign_in": "ines", "password": PASSWORDS["ines"]})
        cls.text = next(s["text"] for s in cls.web.get("/api/specs").json() if s["name"] == "Counter PC")

    def preview(self, text):
        answer = self.web.post("/api/specs/preview", json={"text": text})
        self.assertEqual(answer.status_code, 200, answer.text)
        return answer.json()

    def test_the_published_text_changes_nothing(self):
        found = self.preview(self.text)
        self.assertEqual((found["mistakes"], found["revision"], found["assets"]), ([], 1, 8))
        self.assertEqual(sum(each["changed"] for each in found["expectations"]), 0)
        for each in found["expectations"]:
            self.assertEqual(each["yes"] + each["no"] + each["unsaid"] + each["disputed"], 8, each)

    def test_a_moved_limit_says_who_would_change_and_how_the_numbers_lie(self):
        found = self.preview(self.text.replace("at least 16 GB", "at least 32 GB"))
        memory = found["expectations"][0]
        self.assertEqual((memory["no"], memory["changed"]), (8, 8))
        self.assertEqual({(c["was"], c["now"]) for c in memory["changes"]}, {("yes", "no")})
        self.assertEqual((memory["spread"]["limit"], memory["spread"]["printed"]), (32 * 2**30, "32 GB"))
        self.assertEqual(len(memory["spread"]["values"]), 8)

    def test_a_new_line_was_not_asked_before(self):
        found = self.preview(f"{self.text}\nmust host.name is known\n")
        self.assertEqual({c["was"] for c in found["expectations"][-1]["changes"]}, {None})

    def test_contradictions_with_other_specs_are_told_with_both_lines(self):
        found = self.preview('spec "Odd"\nfor role counter\nmust memory.installed at most 4 GB\n')
        self.assertIn("Counter PC", found["contradictions"][0])
        self.assertIn("line 3 of “Odd”", found["contradictions"][0])

    def test_an_example_becomes_a_text_that_its_pcs_fulfil(self):
        text = self.web.post("/api/specs/from-example", json={"name": "Like these", "assets": [1, 2, 3]}).json()["text"]
        found = self.preview(text)
        self.assertEqual(found["mistakes"], [])
        self.assertGreater(len(found["expectations"]), 8)
        self.assertIn("must   os.edition is", text)

    def test_values_met_and_canonical_text(self):
        self.assertIn("Desk Pro", self.web.get("/api/specs/values/os.edition").json())
        tidy = self.web.post("/api/specs/format", json={"text": 'spec "T"\nmust memory.installed>=8 GB # why\n'}).json()
        self.assertEqual(tidy["text"], 'spec "T"\n\nmust   memory.installed at least 8 GB\n')


HOSTILE = [
    "must " + "(" * 3000 + "memory.installed at least 1 GB" + ")" * 3000,
    "must " + "not " * 5000 + "host.name is known",
    "must host.name is known and " * 4000 + "host.name is known",
    'must host.name matches "' + "(" * 900 + '"',
    'must host.name matches "' + "(a*)*" * 150 + '"',
    "must memory.installed at least 99999999999999999999999999999 GB",
    "must memory.installed at least 1e400 GB",
    "must memory.installed at least -4 GB",
    "must licence.expires_at after today + 999999999999 days",
    'must host.name like "' + "*a" * 400 + '"',
    "must every every: every",
    "must count of module at least yes",
    'must host.name is "' + "x" * 100_000 + '"',
    "must \u0000 is known",
    "for for for",
    "must memory.installed between 1 GB and 2 GB and",
    "must memory.installed at least 10 GB * memory.installed * 3",
    "\u202emust host.name is known",
]


class Broken(WithAServer):
    def test_hostile_lines_get_an_answer_with_their_place(self):
        self.hand_in()
        for line in HOSTILE:
            answer = self.web.post("/api/specs/preview", json={"text": f'spec "H"\n{line}\n'})
            self.assertEqual(answer.status_code, 200, line[:80])
            for mistake in answer.json()["mistakes"]:
                self.assertGreaterEqual((mistake["line"], mistake["column"]), (1, 1))
                self.assertTrue(mistake["message"])

    def test_a_broken_text_cannot_be_tidied_or_published(self):
        self.problem(self.web.post("/api/specs/format", json={"text": 'spec "T"\nmust\n'}), 422)
        self.problem(self.web.post("/api/specs", json={"text": 'spec "T"\nmust\n', "note": ""}), 422)

    def test_revisions_stand_with_their_author_and_note(self):
        for limit in (8, 16):
            text = f'spec "All"\nmust memory.installed at least {limit} GB\n'
            self.assertEqual(self.web.post("/api/specs", json={"text": text, "note": f"{limit} now"}).status_code, 201)
        latest, first = self.web.get("/api/specs/All/revisions").json()
        self.assertEqual((latest["number"], latest["note"], latest["author"]), (2, "16 now", "Ines Calloway"))
        self.assertIn("8 GB", first["text"])
        self.problem(self.web.get("/api/specs/None such/revisions"), 404)

    def test_an_example_needs_visits_and_a_technician(self):
        given = {"name": "New", "assets": [1]}
        self.problem(self.web.post("/api/specs/from-example", json=given), 404)
        self.sign_in("bram")
        self.problem(self.web.post("/api/specs/from-example", json=given), 403)
