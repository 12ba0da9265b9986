"""Collecting over the API: sheets, plans, runs, credentials, hand-in addresses; asked well and asked badly."""

import io
import time
import unittest
import zipfile

from fastapi.testclient import TestClient

from tests.collecting.stand_in_office import SHEET, Answering, enlist, printed
from tests.served import served
from tests.stores import PASSWORD, empty_store
from yes_tally.records import host_keys, people, runs, specs
from yes_tally.records.assets import NewAsset, add_asset
from yes_tally.records.models import Credential, Person, RunPc, Visit, VisitReport
from yes_tally.records.reports import bytes_of
from yes_tally.records.store import database, using
from yes_tally.server.logs import configure_logs
from yes_tally.standins import host as standins

LOGIN = {"user": standins.USER, "password": standins.PASSWORD}
HOSTS = {"nq-tkt-02", "nq-tkt-04", "nq-acc-04", "gp-wks-03", "nq-crw-08"}


class Collecting(unittest.TestCase):
    """A store with five stand-ins, one of them unreachable and one that lets nobody in."""

    @classmethod
    def setUpClass(cls):
        configure_logs(quiet=True)
        cls.office = Answering(HOSTS)
        cls.addClassCleanup(cls.office.stop)
        cls.pcs = {pc.host: pc for pc in cls.office.machines}

    def setUp(self):
        self.path, _ = empty_store()
        with using():
            self.assets = enlist(self.office)
            people.add_person("bram", "Bram Ferrow", "reader", PASSWORD)
            people.add_person("tamsin", "Tamsin Quill", "technician", PASSWORD)
        self.client = self.enterContext(TestClient(served()))
        self.sign_in("tamsin")

    def sign_in(self, name):
        answer = self.client.post("/api/sign-in", json={"sign_in": name, "password": PASSWORD})
        self.assertEqual(answer.status_code, 200)

    def told(self, method, path, status=200, **given):
        answer = self.client.request(method, path, **given)
        self.assertEqual(answer.status_code, status, answer.text)
        return answer.json() if answer.content and "json" in answer.headers.get("content-type", "") else answer.text

    def refused(self, method, path, status=422, **given):
        return self.told(method, path, status, **given)["detail"]

    def choice(self, *hosts, extent="sheet"):
        return {"assets": [self.assets[host].id for host in hosts or HOSTS], "extent": extent}

    def run_it(self, *hosts, login=LOGIN, **limits):
        body = {
            "choice": self.choice(*hosts),
            "login": login,
            "limits": {"command_seconds": 5, "pc_seconds": 20, **limits},
        }
        return self.over(self.told("POST", "/api/runs", 201, json=body)["id"])

    def over(self, number):
        for _ in range(600):
            run = self.told("GET", f"/api/runs/{number}")
            with using():
                unread = RunPc.select().where(RunPc.understood == False).count()  # noqa: E712
            if not run["going"] and not unread:
                return run
            time.sleep(0.05)
        self.fail("the run did not end")


class Runs(Collecting):
    def test_every_report_arrives_as_printed_and_each_trouble_has_its_reason(self):
        run = self.run_it()
        by_host = {pc["asset"]["host"]: pc for pc in run["pcs"]}
        self.assertEqual(
            {h: pc["kind"] for h, pc in by_host.items() if pc["kind"]},
            {"gp-wks-03": "unreachable", "nq-acc-04": "not-let-in"},
        )
        for host in ("nq-tkt-02", "nq-tkt-04", "nq-crw-08"):
            for command in by_host[host]["commands"]:
                with self.subTest(host=host, command=command["typed"]), using():
                    self.assertEqual(bytes_of(command["report"]), printed(self.pcs[host], command["typed"]))
        old = {c["typed"]: c["failure"] for c in by_host["nq-crw-08"]["commands"] if c["state"] == "failed"}
        self.assertEqual(set(old.values()), {"not-found"})
        self.assertIn("hull list", old)
        tray = {entry["title"]: entry for entry in self.told("GET", "/api/visits")}
        self.assertEqual(set(tray), {"nq-tkt-02", "nq-tkt-04", "nq-crw-08"})
        self.assertTrue(tray["nq-tkt-02"]["entered"])
        detail = self.told("GET", f"/api/visits/{tray['nq-tkt-02']['id']}")
        self.assertEqual(detail["asset"]["tag"], self.pcs["nq-tkt-02"].tag)

    def test_what_came_back_teaches_what_a_command_answers_and_a_plan_uses_it(self):
        with using():
            specs.publish(
                'spec "All"\nmust os.build at least 12\nmust every volume: free at least 5% of size\nmust no update where id is "HU-1"\nmust host.organisation is known\n',
                "",
                Person.get(),
            )
        before = self.told("POST", "/api/runs/plan", json=self.choice("nq-tkt-02", extent="expected"))
        self.assertEqual((before["commands"], len(before["unanswered"])), ([], 4))
        self.run_it("nq-tkt-02")
        sheet = self.told("GET", "/api/sheets")[0]
        system = next(c for c in sheet["commands"] if c["typed"] == "about system")
        self.assertIn("os.build", system["facts"])
        self.assertEqual((system["pcs"], system["asked"], system["failed"]), (1, 1, 0))
        self.assertLess(system["took"], 5)
        after = self.told("POST", "/api/runs/plan", json=self.choice("nq-tkt-04", extent="expected"))
        self.assertEqual(after["unanswered"], [])
        self.assertLess(len(after["commands"]), 5)
        self.assertGreater(after["finish"], 0)
        unsaid = self.told("POST", "/api/runs/plan", json=self.choice("nq-tkt-02", extent="unsaid"))
        self.assertEqual(unsaid["commands"], [])

    def test_a_run_goes_on_with_what_has_no_answer_and_asks_nothing_twice(self):
        wrong = self.run_it("nq-tkt-02", login={"user": standins.USER, "password": "not it"})
        self.assertEqual(wrong["pcs"][0]["kind"], "not-let-in")
        self.assertTrue(wrong["remembers_login"])
        self.told("POST", f"/api/runs/{wrong['id']}/go", json={"login": LOGIN})
        mended = self.over(wrong["id"])
        self.assertEqual({c["state"] for c in mended["pcs"][0]["commands"]}, {"answered"})
        with using():
            count = VisitReport.select().count()
        self.told("POST", f"/api/runs/{wrong['id']}/go", json={"pcs": [mended["pcs"][0]["id"]]})
        self.over(wrong["id"])
        with using():
            self.assertEqual(VisitReport.select().count(), count)

    def test_a_run_is_stopped_and_keeps_what_had_come(self):
        slow = Answering({"nq-tkt-02"}, pace=1.0)
        self.addCleanup(slow.stop)
        self.told(
            "PUT",
            f"/api/assets/{self.assets['nq-tkt-02'].id}/reach",
            204,
            json={"address": "127.0.0.1", "port": slow.ports["nq-tkt-02"], "sheet": SHEET},
        )
        body = {"choice": self.choice("nq-tkt-02"), "login": LOGIN, "limits": {"side_by_side": 10}}
        number = self.told("POST", "/api/runs", 201, json=body)["id"]
        while not any(c["state"] == "asking" for c in self.told("GET", f"/api/runs/{number}")["pcs"][0]["commands"]):
            time.sleep(0.02)
        self.assertIn("under way", self.refused("POST", f"/api/runs/{number}/go", json={}))
        self.told("POST", f"/api/runs/{number}/stop", 204)
        run = self.over(number)
        self.assertEqual(run["pcs"][0]["state"], "stopped")
        self.assertFalse(any(c["state"] == "asking" for c in run["pcs"][0]["commands"]))

    def test_a_pc_that_says_it_is_another_is_not_entered_by_itself(self):
        other = Answering({"nq-tkt-04"})
        self.addCleanup(other.stop)
        self.run_it("nq-tkt-04")
        with using():
            visit = Visit.get(Visit.asset == self.assets["nq-tkt-04"].id)
        self.told("POST", f"/api/visits/{visit.id}/seal", json={"version": visit.version})
        self.told(
            "PUT",
            f"/api/assets/{self.assets['nq-tkt-02'].id}/reach",
            204,
            json={"address": "127.0.0.1", "port": other.ports["nq-tkt-04"], "sheet": SHEET},
        )
        run = self.run_it("nq-tkt-02")
        with using():
            self.assertIsNone(Visit.get_by_id(run["pcs"][0]["visit"]).asset_id)

    def test_bad_choices_are_refused_in_words(self):
        with using():
            bare = add_asset(NewAsset("LSF-0777"))
            unreached = add_asset(NewAsset("LSF-0778"))
            unreached.sheet = SHEET
            unreached.save()
        start = {"choice": {"assets": [bare.id]}, "login": LOGIN}
        self.assertIn("LSF-0777", self.refused("POST", "/api/runs", json=start))
        self.assertIn(
            "can be reached", self.refused("POST", "/api/runs", json={**start, "choice": {"assets": [unreached.id]}})
        )
        self.assertIn("user", self.refused("POST", "/api/runs", json={"choice": self.choice(), "login": {"user": "x"}}))
        self.refused("POST", "/api/runs", json={"choice": {"assets": []}, "login": LOGIN})
        self.refused("POST", "/api/runs", 404, json={"choice": {"assets": [99999]}, "login": LOGIN})
        self.refused("GET", "/api/runs/99999", 404)
        for reach in (
            {"address": "two words", "port": 22},
            {"address": "a" * 300, "port": 22},
            {"address": "a", "port": 0},
        ):
            self.refused("PUT", f"/api/assets/{bare.id}/reach", json=reach)
        self.refused("PUT", f"/api/assets/{bare.id}/reach", 404, json={"address": "a", "sheet": "none such"})
        with using():
            self.assertEqual(runs.latest(), [])

    def test_readers_watch_but_do_not_ask_and_only_leads_forget_keys(self):
        self.run_it("nq-tkt-02")
        forget = {"address": "127.0.0.1", "port": self.office.ports["nq-tkt-02"]}
        self.refused("POST", "/api/host-keys/forget", 403, json=forget)
        self.sign_in("bram")
        self.told("GET", "/api/runs")
        for method, path in (
            ("POST", "/api/runs"),
            ("PUT", "/api/sheets/x"),
            ("POST", "/api/hand-in-addresses"),
            ("GET", "/api/credentials"),
        ):
            self.refused(method, path, 403, json={"choice": self.choice(), "login": LOGIN, "commands": []})
        self.sign_in("ines")
        self.told("POST", "/api/host-keys/forget", 204, json=forget)
        self.refused("POST", "/api/host-keys/forget", 404, json=forget)
        with using():
            self.assertIsNone(host_keys.known("127.0.0.1", self.office.ports["nq-tkt-02"]))


class Sheets(Collecting):
    def test_a_sheet_goes_out_as_csv_and_comes_in_again(self):
        text = self.told("GET", f"/api/sheets/{SHEET}/csv")
        self.assertTrue(text.startswith("command,purpose,rights,seconds"))
        saved = self.told("PUT", "/api/sheets/Copy/csv", content=text.encode())
        original = self.told("GET", "/api/sheets")
        self.assertEqual(
            [c["typed"] for c in saved["commands"]],
            [c["typed"] for s in original if s["name"] == SHEET for c in s["commands"]],
        )
        semicolons = 'Command;Purpose;Seconds\nstow keys;"keys; all";0,5\n'.encode("utf-8-sig")
        (line,) = self.told("PUT", "/api/sheets/Short/csv", content=semicolons)["commands"]
        self.assertEqual(
            (line["typed"], line["purpose"], line["seconds"], line["rights"]), ("stow keys", "keys; all", 0.5, "anyone")
        )

    def test_bad_sheets_change_nothing_and_say_where(self):
        before = self.told("GET", "/api/sheets")
        cases = {
            b"purpose\nx\n": "columns", b"command,seconds\na,soon\n": "Line 2", b"command\na\nb\na\n": "Line 3", b"command,rights\na,king\n": "king",
            b"\xff\xfe\x00": "UTF-8", b"command\nx\0y\n": "no CSV", b"command,seconds\na,-1\n": "between", b'command\n"a\nb"\n': "one line",
        }  # fmt: skip
        for text, why in cases.items():
            with self.subTest(text):
                self.assertIn(why.casefold(), self.refused("PUT", f"/api/sheets/{SHEET}/csv", content=text).casefold())
        self.assertIn(
            "at most 300",
            self.refused(
                "PUT", "/api/sheets/Long/csv", content=("command\n" + "\n".join(f"c{n}" for n in range(301))).encode()
            ),
        )
        self.assertEqual(self.told("GET", "/api/sheets"), before)

    def test_a_pasted_session_becomes_a_sheet(self):
        session = "tkt@nq-tkt-02 > about system\nBuild: 1\n\ntkt@nq-tkt-02 > abuot disks\nabuot: nothing here by that name\n\ntkt@nq-tkt-02 > about disks\nDisk 0\n\ntkt@nq-tkt-02 > about system\nBuild: 1\n"
        lines = self.told("POST", "/api/sheets/from-session", json={"text": session})
        self.assertEqual([line["typed"] for line in lines], ["about system", "about disks"])
        self.assertIn("No prompt", self.refused("POST", "/api/sheets/from-session", json={"text": "just text"}))


class Vault(Collecting):
    def test_saved_credentials_are_sealed_used_and_never_shown(self):
        run = self.run_it("nq-tkt-02", login={**LOGIN, "save_as": "Desk support"})
        (saved,) = self.told("GET", "/api/credentials")
        self.assertEqual((saved["name"], saved["user"]), ("Desk support", standins.USER))
        with using():
            sealed = bytes(Credential.get().sealed)
            stored = b"".join(
                str(row).encode()
                for (table,) in database.execute_sql("SELECT name FROM sqlite_master WHERE type = 'table'").fetchall()
                for row in database.execute_sql(f'SELECT * FROM "{table}"').fetchall()
            )
        for text in (
            sealed,
            stored,
            self.client.get(f"/api/runs/{run['id']}").content,
            self.client.get("/api/credentials").content,
        ):
            self.assertNotIn(standins.PASSWORD.encode(), text)
        key = self.path.parent / "vault.key"
        self.assertEqual(key.stat().st_mode & 0o777, 0o600)
        again = self.run_it("nq-tkt-04", login={"saved": saved["id"]})
        self.assertEqual(again["pcs"][0]["state"], "ended")
        self.assertIn(
            "already",
            self.refused(
                "POST",
                "/api/runs",
                json={"choice": self.choice("nq-tkt-02"), "login": {**LOGIN, "save_as": "Desk support"}},
            ),
        )
        key.write_bytes(b"A" * 43 + b"=")
        self.assertIn(
            "not the key",
            self.refused(
                "POST", "/api/runs", json={"choice": self.choice("nq-tkt-02"), "login": {"saved": saved["id"]}}
            ),
        )
        self.told("DELETE", f"/api/credentials/{saved['id']}", 204)
        self.refused(
            "POST", "/api/runs", 404, json={"choice": self.choice("nq-tkt-02"), "login": {"saved": saved["id"]}}
        )


class FromAnyShell(Collecting):
    def test_a_short_address_takes_reports_into_one_visit_until_it_ends(self):
        address = self.told("POST", "/api/hand-in-addresses", 201, json={})["path"]
        self.assertRegex(address, r"^/in/[a-z2-9]{3}-[a-z2-9]{4}-[a-z2-9]{3}$")
        stranger = TestClient(self.client.app)
        first = stranger.post(address, content=b"Build: 12.0.4417.82\n")
        self.assertEqual((first.status_code, first.headers["content-type"].split(";")[0]), (201, "text/plain"))
        second = stranger.post("/in/" + address[4:].upper(), content=b"Edition: Studio\n")
        self.assertEqual(second.status_code, 201)
        with using():
            visit = Visit.get()
            self.assertEqual([r.way for r in visit.reports], ["shell", "shell"])
            database.execute_sql("UPDATE hand_in_address SET expires_at = '2020-01-01T00:00:00Z'")
        for path in (address, "/in/abc-defg-hjk", "/in/" + "x" * 500):
            self.assertEqual(stranger.post(path, content=b"Build: 1\n").status_code, 404)
        self.assertEqual(stranger.post(address, content=b"").status_code, 404)

    def test_an_address_can_belong_to_a_visit_that_is_open(self):
        visit = self.told("POST", "/api/reports", 201, content=b"Host name: nq-tkt-02\n")["id"]
        address = self.told("POST", "/api/hand-in-addresses", 201, json={"visit": visit})["path"]
        self.assertIn(
            f"visit {visit} ", TestClient(self.client.app).post(address, content=b"Build: 12.0.4417.82\n").text
        )
        self.refused("POST", "/api/hand-in-addresses", 404, json={"visit": 99999})

    def test_an_archive_comes_in_as_its_reports(self):
        out = io.BytesIO()
        with zipfile.ZipFile(out, "w") as target:
            target.writestr("nq-tkt-02/system.txt", b"Host name: nq-tkt-02\nBuild: 12.0.4417.82\n")
            target.writestr("nq-tkt-02/nothing.txt", b"  \n")
            target.writestr("nq-tkt-02/licence.txt", b"Channel: volume\n")
        entry = self.told(
            "POST", "/api/reports", 201, content=out.getvalue(), params={"file": "all.zip", "way": "file"}
        )
        self.assertEqual((entry["title"], entry["reports"]), ("nq-tkt-02", 2))
        self.assertIn("cannot be opened", self.refused("POST", "/api/reports", content=out.getvalue()[:80]))


class News(Collecting):
    def test_only_who_is_signed_in_hears_of_changes(self):
        stranger = TestClient(self.client.app)
        self.assertEqual(stranger.get("/api/news").status_code, 401)


if __name__ == "__main__":
    unittest.main()
