"""Waivers: shown as waived, a no again by themselves, agreed by a lead only; nothing sealed is touched."""

import json
import unittest
from unittest.mock import patch

from tests.browser.driven import PASSWORDS
from tests.server.test_server import client
from tests.stores import copy_of_demo
from yes_tally.records import waivers
from yes_tally.records.models import Record
from yes_tally.records.store import using
from yes_tally.server.routes.people import tries


class Waivers(unittest.TestCase):
    def setUp(self):
        copy_of_demo()
        tries._failed.clear()
        self.web = self.enterContext(client())
        self.sign_in("ines")
        floor = self.web.get("/api/floor").json()["assets"]
        self.asset, self.no = next(
            (a["asset"]["id"], s["says"]) for a in floor for s in a["strokes"] if s["verdict"] == "no"
        )

    def sign_in(self, name):
        self.web.post("/api/sign-in", json={"sign_in": name, "password": PASSWORDS[name]})

    def waive(self, **other):
        given = {"assets": [self.asset], "says": self.no, "why": "the part is ordered", "until": waivers.today()}
        return self.web.post("/api/waivers", json={**given, **other})

    def shown(self):
        page = self.web.get(f"/api/assets/{self.asset}").json()
        answer = next(a for a in page["answers"] if a["says"] == self.no)
        row = next(a for a in self.web.get("/api/floor").json()["assets"] if a["asset"]["id"] == self.asset)
        stroke = next(s for s in row["strokes"] if s["says"] == self.no)
        return answer["verdict"], stroke["verdict"], answer["waiver"] and answer["waiver"]["why"]

    def test_a_no_is_shown_as_waived_and_records_stay(self):
        with using():
            before = [bytes(record.body) for record in Record.select().order_by(Record.number)]
        self.assertEqual(self.shown(), ("no", "no", None))
        self.assertEqual(self.waive().status_code, 201)
        self.assertEqual(self.shown(), ("waived", "waived", "the part is ordered"))
        with using():
            self.assertEqual([bytes(record.body) for record in Record.select().order_by(Record.number)], before)
            self.assertNotIn(b"waived", before[-1])
        (row,) = self.web.get("/api/waivers").json()
        self.assertEqual((row["agreed_by"], row["days_left"]), ("Ines Calloway", 0))

    def test_it_ends_by_itself_the_day_after(self):
        self.waive()
        with patch.object(waivers, "now", lambda: "2099-01-01T08:00:00Z"):
            self.assertEqual(self.shown(), ("no", "no", None))
            self.assertEqual(self.web.get("/api/waivers").json(), [])

    def test_it_can_be_ended_and_a_new_one_takes_its_place(self):
        first = self.waive().json()[0]["id"]
        self.waive(why="the part is late")
        self.assertEqual(self.shown()[2], "the part is late")
        (row,) = self.web.get("/api/waivers").json()
        self.web.post(f"/api/waivers/{row['id']}/end")
        self.assertEqual(self.shown(), ("no", "no", None))
        self.assertEqual(self.web.post(f"/api/waivers/{first}/end").status_code, 200)

    def test_only_a_no_is_waived(self):
        yes = next(a for a in self.web.get(f"/api/assets/{self.asset}").json()["answers"] if a["verdict"] == "yes")
        self.waive(says=yes["says"])
        again = self.web.get(f"/api/assets/{self.asset}").json()["answers"]
        self.assertEqual(next(a for a in again if a["says"] == yes["says"])["verdict"], "yes")

    def test_nonsense_is_told_in_words_and_only_a_lead_agrees(self):
        for given, told in (
            ({"until": "2020-01-01"}, "is past"),
            ({"until": "2199-01-01"}, "a year at most"),
            ({"until": "soon"}, "is no day"),
            ({"why": "  "}, "needs its reason"),
            ({"assets": [4711]}, "no asset"),
            ({"assets": []}, ""),
        ):
            answer = self.waive(**given)
            self.assertGreaterEqual(answer.status_code, 400, given)
            self.assertIn(told, json.dumps(answer.json(), ensure_ascii=False))
        self.assertEqual(self.web.get("/api/waivers").json(), [])
        self.assertEqual(self.web.post("/api/waivers/77/end").status_code, 404)
        self.sign_in("tamsin")
        self.assertEqual(self.waive().status_code, 403)
