"""The API: who may what, what it says when something is wrong, and that it says so in words."""

import json
import re
import unittest
from datetime import datetime
from unittest.mock import patch

from fastapi.testclient import TestClient

from tests.served import served
from tests.stores import PASSWORD, copy_of_demo, empty_store
from yes_tally.records import people
from yes_tally.records.models import Visit
from yes_tally.records.store import database, using
from yes_tally.server.guards import MAX_BODY
from yes_tally.server.logs import configure_logs
from yes_tally.server.routes.people import tries
from yes_tally.server.who import MAX_TRIES
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

configure_logs(quiet=True)
PC = office(3, datetime(2026, 3, 2, 9, 0))[0]
REPORT = session(PC, ENGLISH).encode()
SPEC = 'spec "All"\nmust memory.installed at least 16 GB\n'


def client():
    return TestClient(served(), base_url="http://127.0.0.1:8040", raise_server_exceptions=False)


class WithAServer(unittest.TestCase):
    role = "lead"

    def setUp(self):
        empty_store()
        with using():
            people.add_person("bram", "Bram Ferrow", "reader", PASSWORD)
            people.add_person("tamsin", "Tamsin Quill", "technician", PASSWORD)
        tries._failed.clear()
        self.web = self.enterContext(client())
        self.sign_in("ines")

    def sign_in(self, name, web=None):
        answer = (web or self.web).post("/api/sign-in", json={"sign_in": name, "password": PASSWORD})
        self.assertEqual(answer.status_code, 200, answer.text)
        return web or self.web

    def problem(self, answer, status):
        """The problem's detail; every error has one, in the one format, ending as a sentence."""
        self.assertEqual(answer.status_code, status, answer.text)
        self.assertEqual(answer.headers["content-type"], "application/problem+json")
        said = answer.json()
        self.assertEqual(said["status"], status)
        self.assertRegex(said["detail"], r"^[A-Z“].*[.?]$")
        return said["detail"]

    def hand_in(self, data=REPORT, web=None, **query):
        return (web or self.web).post("/api/reports", params=query, content=data)


class TheWholeWay(WithAServer):
    def test_from_a_pasted_report_to_a_sealed_record_on_the_floor(self):
        self.web.post("/api/specs", json={"text": SPEC, "note": ""})
        entry = self.hand_in(file="pasted").json()
        self.assertEqual((entry["title"], entry["sign"], entry["entered"]), (PC.host, "unsaid", False))
        detail = self.web.get(f"/api/visits/{entry['id']}").json()
        self.assertEqual(
            (detail["identity"]["kind"], detail["asset"], detail["suggested_host"]), ("new", None, PC.host)
        )
        new = {"tag": "LSF-0001", "role": "counter", "site": "Northquay", "room": "Ticket hall"}
        entered = self.web.post(
            f"/api/visits/{entry['id']}/enter", json={"version": entry["version"], "new": new}
        ).json()
        self.assertEqual(
            [(a["says"], a["verdict"]) for a in entered["answers"]], [("memory.installed at least 16 GB", "yes")]
        )
        sealed = self.web.post(f"/api/visits/{entry['id']}/seal", json={"version": entered["version"]}).json()
        self.assertEqual(self.web.get("/api/visits").json(), [])
        asset = self.web.get(f"/api/assets/{sealed['asset']}").json()
        self.assertEqual([v["record"]["sha256"] for v in asset["visits"]], [sealed["record"]["sha256"]])
        self.assertTrue(asset["visits"][0]["record"]["whole"])
        floor = self.web.get("/api/floor").json()
        self.assertEqual([s["verdict"] for s in floor["assets"][0]["strokes"]], ["yes"])
        record = self.web.get("/api/records/1")
        self.assertEqual(json.loads(record.content)["asset"]["tag"], "LSF-0001")
        self.assertEqual(self.web.get("/api/verify").json(), {"records": 1, "whole": True, "flaw": ""})
        self.assertEqual(self.web.get(f"/api/reports/{detail['reports'][0]['sha256']}").content, REPORT)
        self.assertEqual(len(self.web.get("/api/tape").json()["ticks"]), 1)

    def test_marks_point_at_what_was_printed(self):
        detail = self.web.get(f"/api/visits/{self.hand_in().json()['id']}").json()
        report = detail["reports"][0]
        for reading in report["readings"]:
            line = report["lines"][reading["line"] - 1]
            self.assertEqual(line[reading["column"] - 1 : reading["end_column"] - 1], reading["printed"])
        self.assertGreater(len(report["readings"]), 50)

    def test_a_record_changed_behind_our_back_is_said_to_be_broken(self):
        copy_of_demo()
        with using():
            database.execute_sql("DROP TRIGGER record_stays")
            database.execute_sql("UPDATE record SET body = replace(body, 'volume', 'retail') WHERE number = 3")
            (asset,) = database.execute_sql("SELECT asset_id FROM record WHERE number = 3").fetchone()
        web = client()
        self.assertEqual(
            web.post("/api/sign-in", json={"sign_in": "ines", "password": "lantern-room-7"}).status_code, 200
        )
        broken = [v["record"] for v in web.get(f"/api/assets/{asset}").json()["visits"] if not v["record"]["whole"]]
        self.assertEqual([record["number"] for record in broken], [3])
        self.assertEqual(
            web.get("/api/verify").json()["flaw"],
            "record 3: its text was changed after it was sealed: the hash differs",
        )


class WhoMayWhat(WithAServer):
    # A hand-in address is its own permission; what is not one is not there.
    OPEN = {("get", "/api/health"), ("post", "/api/sign-in"), ("post", "/in/{code}")}

    def test_no_route_is_open_but_sign_in_and_health(self):
        stranger = client()
        seen = 0
        for path, methods in served().openapi()["paths"].items():
            for method in methods:
                if (method, path) in self.OPEN:
                    continue
                url = re.sub(r"\{\w+\}", "1", path)
                answer = stranger.request(method, url, json={"version": 1, "text": "x"} if method == "post" else None)
                self.problem(answer, 401)
                seen += 1
        self.assertGreater(seen, 13)

    def test_each_role_is_checked_on_the_server(self):
        visit = self.hand_in().json()
        reader, technician = self.sign_in("bram", client()), self.sign_in("tamsin", client())
        enter = {"version": visit["version"], "new": {"tag": "LSF-0001"}}
        self.assertIn("role of a technician", self.problem(self.hand_in(web=reader), 403))
        self.problem(reader.post(f"/api/visits/{visit['id']}/enter", json=enter), 403)
        self.problem(reader.post(f"/api/visits/{visit['id']}/seal", json={"version": 1}), 403)
        self.assertIn("role of a lead", self.problem(technician.post("/api/specs", json={"text": SPEC}), 403))
        self.assertEqual(reader.get("/api/visits").status_code, 200)
        self.assertEqual(technician.post(f"/api/visits/{visit['id']}/enter", json=enter).status_code, 200)

    def test_a_wrong_password_says_so_and_guessing_is_slowed(self):
        stranger = client()
        for name in ("ines", "nobody"):
            answer = stranger.post("/api/sign-in", json={"sign_in": name, "password": "wrong"})
            self.assertEqual(self.problem(answer, 401), "This name and password do not go together.")
        with patch("yes_tally.records.people.by_password", return_value=None):
            for _ in range(MAX_TRIES):
                answer = stranger.post("/api/sign-in", json={"sign_in": "INES ", "password": "wrong"})
        self.assertIn("Wait a minute", self.problem(answer, 429))
        self.problem(stranger.post("/api/sign-in", json={"sign_in": "ines", "password": PASSWORD}), 429)

    def test_an_expired_session_says_so_and_that_nothing_is_lost(self):
        with using():
            database.execute_sql("UPDATE session SET expires_at = '2001-01-01T00:00:00Z'")
        self.assertEqual(
            self.problem(self.web.get("/api/visits"), 401),
            "Your session has ended; sign in again. What you handed in is kept.",
        )

    def test_signing_out_ends_the_session_on_the_server(self):
        cookie = dict(self.web.cookies)
        self.assertEqual(self.web.post("/api/sign-out").status_code, 204)
        self.web.cookies.update(cookie)
        self.problem(self.web.get("/api/me"), 401)

    def test_the_cookie_is_kept_from_scripts_and_other_sites(self):
        answer = client().post("/api/sign-in", json={"sign_in": "ines", "password": PASSWORD})
        self.assertIn("HttpOnly", answer.headers["set-cookie"])
        self.assertIn("SameSite=strict", answer.headers["set-cookie"])

    def test_requests_from_another_site_are_not_carried_out(self):
        for headers in ({"Origin": "http://elsewhere.example"}, {"Sec-Fetch-Site": "cross-site"}, {"Origin": "null"}):
            self.assertIn(
                "another web site", self.problem(self.web.post("/api/reports", content=REPORT, headers=headers), 403)
            )
        same = self.web.post("/api/reports", content=REPORT, headers={"Origin": "http://127.0.0.1:8040"})
        self.assertEqual(same.status_code, 201)

    def test_pages_keep_to_themselves(self):
        headers = self.web.get("/api/health").headers
        self.assertIn("default-src 'self'", headers["content-security-policy"])
        self.assertEqual(headers["x-content-type-options"], "nosniff")

    def test_a_collector_s_token_hands_in_and_does_nothing_else(self):
        with using():
            token = people.add_token("script", "tamsin")
        sender = client()
        bearer = {"Authorization": f"Bearer {token}"}
        answer = sender.post("/api/hand-in", content=REPORT, headers=bearer)
        self.assertEqual(answer.status_code, 201)
        self.assertIn(PC.host, answer.json()["said"])
        self.problem(sender.get("/api/visits", headers=bearer), 401)
        self.assertIn(
            "revoked",
            self.problem(sender.post("/api/hand-in", content=REPORT, headers={"Authorization": "Bearer yt_x"}), 401),
        )


class BadInput(WithAServer):
    def test_any_bytes_are_taken_whole_and_never_give_an_error_page(self):
        for data in (
            b"\x00\xff\xfe" * 999,
            b"\x1b[31m\x07" * 50 + b"x",
            b"<script>alert(1)</script>\n",
            "ÿ".encode("utf-16") * 40,
            b"{" * 9999,
        ):
            answer = self.hand_in(data)
            self.assertEqual(answer.status_code, 201, data[:20])
            detail = self.web.get(f"/api/visits/{answer.json()['id']}")
            self.assertEqual(detail.status_code, 200)
            kept = self.web.get(f"/api/reports/{detail.json()['reports'][0]['sha256']}")
            self.assertEqual(kept.content, data)
            self.assertEqual(kept.headers["content-type"], "application/octet-stream")
            self.assertIn("attachment", kept.headers["content-disposition"])

    def test_an_empty_report_is_refused(self):
        self.assertIn("empty", self.problem(self.hand_in(b"  \n"), 422))

    def test_a_body_over_the_limit_is_refused_with_the_limit(self):
        detail = self.problem(self.hand_in(b"x" * (MAX_BODY + 1)), 413)
        self.assertIn("16 MB", detail)
        chunks = (b"x" * 2**20 for _ in range(MAX_BODY // 2**20 + 1))
        self.assertIn("16 MB", self.problem(self.web.post("/api/reports", content=chunks), 413))
        with using():
            self.assertEqual(Visit.select().count(), 0)

    def test_two_people_entering_one_visit_the_second_is_told(self):
        visit = self.hand_in().json()
        path, body = f"/api/visits/{visit['id']}/enter", {"version": visit["version"], "new": {"tag": "LSF-0001"}}
        self.assertEqual(self.web.post(path, json=body).status_code, 200)
        second = self.sign_in("tamsin", client())
        detail = self.problem(second.post(path, json={**body, "new": {"tag": "LSF-0002"}}), 409)
        self.assertIn("Ines Calloway changed this visit", detail)
        self.assertIn("nothing of it was overwritten", detail)

    def test_a_spec_with_mistakes_is_answered_with_their_places(self):
        text = 'spec "All"\nmust memory.instaled at least 16 GB\nshould os.build at leest 3\n'
        answer = self.web.post("/api/specs", json={"text": text})
        self.assertIn("line 2, column 6", self.problem(answer, 422).casefold())
        self.assertEqual(
            [(m["line"], m["column"], m["nearest"]) for m in answer.json()["mistakes"]],
            [(2, 6, "memory.installed"), (3, 20, "least")],
        )
        checked = self.web.post("/api/specs/check", json={"text": text}).json()
        self.assertEqual(len(checked["mistakes"]), 2)
        self.assertEqual(self.web.get("/api/specs").json(), [])

    def test_what_is_not_there_and_what_makes_no_sense_is_said_in_words(self):
        for path in (
            "/api/visits/99",
            "/api/assets/99",
            "/api/records/99",
            "/api/reports/abc",
            "/nowhere",
            "/api/nowhere",
        ):
            self.problem(self.web.get(path), 404)
        visit = self.hand_in().json()["id"]
        self.problem(self.web.get("/api/visits/one"), 422)
        self.problem(self.web.post(f"/api/visits/{visit}/enter", json={"version": 2}), 422)
        self.problem(
            self.web.post(f"/api/visits/{visit}/enter", json={"version": 2, "asset": 1, "new": {"tag": "x"}}), 422
        )
        self.problem(self.web.post(f"/api/visits/{visit}/enter", content=b"{"), 422)
        self.problem(self.web.post(f"/api/visits/{visit}/seal", json={"version": "x"}), 422)
        self.problem(self.web.post("/api/reports", params={"file": "x" * 300}, content=REPORT), 422)
        self.problem(self.web.put("/api/visits"), 405)

    def test_a_store_that_fails_says_what_to_do(self):
        with using():
            database.execute_sql("DROP TABLE visit_report")
        self.assertIn("nothing was changed", self.problem(self.hand_in(), 503))

    def test_names_with_markup_stay_text(self):
        evil = "<img src=x onerror=alert(1)>"
        visit = self.hand_in(file=evil).json()
        detail = self.web.get(f"/api/visits/{visit['id']}")
        self.assertEqual(detail.json()["reports"][0]["file"], evil)
        self.assertEqual(detail.headers["content-type"], "application/json")

    def test_logs_hold_no_secret(self):
        import contextlib
        import io

        said = io.StringIO()
        with contextlib.redirect_stderr(said):
            configure_logs()
            client().post("/api/sign-in", json={"sign_in": "ines", "password": "a-wrong-password"})
            self.web.get("/api/me")
            configure_logs(quiet=True)
        self.assertIn("/api/me", said.getvalue())
        for secret in ("a-wrong-password", PASSWORD, *dict(self.web.cookies).values()):
            self.assertNotIn(secret, said.getvalue())


class TheDescription(unittest.TestCase):
    def test_the_front_end_s_types_are_those_of_the_api(self):
        import subprocess
        from pathlib import Path

        frontend = Path(__file__).resolve().parents[2] / "frontend"
        described = json.dumps(served().openapi(), indent=1, sort_keys=True) + "\n"
        made = subprocess.run(
            ["npx", "--no-install", "openapi-typescript", "--silent"], input=described, capture_output=True, text=True, cwd=frontend, check=False
        )  # fmt: skip
        kept = (frontend / "src/api/schema.d.ts").read_text()
        self.assertEqual(self.names(made.stdout), self.names(kept), "run `make types`")

    @staticmethod
    def names(text):
        return re.sub(r"[\s;,]+", " ", re.sub(r"/\*.*?\*/", "", text, flags=re.S)).strip()

    def test_every_route_is_typed_and_named(self):
        for path, methods in served().openapi()["paths"].items():
            for method, route in methods.items():
                self.assertRegex(route["operationId"], r"^[a-z][A-Za-z]+$", f"{method} {path}")
                self.assertTrue(route.get("description"), f"{method} {path} is not described")
                if path.startswith("/api/") and path not in ("/api/health",):
                    self.assertIn("401", route["responses"], path)
