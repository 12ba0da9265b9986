"""A run over the whole stand-in office, the awkward PCs included, with somebody at the pages all the while."""

import time
import unittest

from fastapi.testclient import TestClient

from tests.collecting.stand_in_office import Answering, enlist, printed
from tests.served import served
from tests.stores import PASSWORD, empty_store
from yes_tally.records.models import RunPc
from yes_tally.records.reports import bytes_of
from yes_tally.records.store import using
from yes_tally.server.logs import configure_logs
from yes_tally.standins import host as standins
from yes_tally.standins.host import MANNERS, Manner

# What each awkward PC is told to be: of the PC itself, or of its commands.
OF_THE_PC = {Manner.UNREACHABLE: "unreachable", Manner.REFUSES: "not-let-in"}
OF_COMMANDS = {
    Manner.HANGS: {"timed-out", "not-asked"}, Manner.DROPS: {"cut-off", "not-asked"}, Manner.FLOODS: {"too-long"}, Manner.SLOW: set(),
}  # fmt: skip


class WholeOffice(unittest.TestCase):
    def test_every_report_is_what_its_pc_printed_and_every_trouble_has_its_reason(self):
        configure_logs(quiet=True)
        office = Answering(pace=0.02)
        self.addCleanup(office.stop)
        pcs = {pc.host: pc for pc in office.machines}
        empty_store()
        with using():
            assets = enlist(office)
        client = self.enterContext(TestClient(served()))
        client.post("/api/sign-in", json={"sign_in": "ines", "password": PASSWORD})
        body = {
            "choice": {"assets": [asset.id for asset in assets.values()], "extent": "sheet"},
            "login": {"user": standins.USER, "password": standins.PASSWORD},
            "limits": {"command_seconds": 3, "pc_seconds": 60, "output_bytes": 100_000},
        }
        number = client.post("/api/runs", json=body).json()["id"]
        run = {"going": True}
        while run["going"]:
            for page in ("/api/visits", "/api/floor", "/api/tape", "/api/sheets"):
                self.assertEqual(client.get(page).status_code, 200, page)
            run = client.get(f"/api/runs/{number}").json()
            time.sleep(1.0)

        self.assertEqual(len(run["pcs"]), 36)
        for pc in run["pcs"]:
            host = pc["asset"]["host"]
            manner = MANNERS.get(host, Manner.WELL)
            with self.subTest(host):
                self.assertEqual(pc["kind"], OF_THE_PC.get(manner, ""))
                if manner in OF_THE_PC:
                    continue
                failures = {c["failure"] for c in pc["commands"] if c["state"] == "failed"}
                if manner in OF_COMMANDS:
                    self.assertEqual(failures, OF_COMMANDS[manner])
                else:
                    self.assertLessEqual(failures, {"not-found"})
                self.assert_as_printed(pcs[host], pc["commands"])
        self.wait_until_read()
        tray = client.get("/api/visits").json()
        self.assertEqual(len(tray), 33)

    def assert_as_printed(self, pc, commands):
        for command in commands:
            if command["report"] and command["failure"] in ("", "not-found"):
                with using():
                    self.assertEqual(bytes_of(command["report"]), printed(pc, command["typed"]), command["typed"])

    def wait_until_read(self):
        for _ in range(600):
            with using():
                if not RunPc.select().where(RunPc.understood == False).exists():  # noqa: E712
                    return
            time.sleep(0.1)
        self.fail("the reports were not read")


if __name__ == "__main__":
    unittest.main()
