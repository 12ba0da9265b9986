"""``kill -9`` of the server in the middle of a run: what was told to have arrived is there, and the run goes on."""

import os
import signal
import socket
import subprocess
import sys
import time
import unittest

import httpx

from tests.collecting.stand_in_office import Answering, enlist, printed
from tests.stores import PASSWORD, empty_store
from yes_tally.records.reports import bytes_of
from yes_tally.records.store import open_store, using
from yes_tally.standins import host as standins

HOSTS = {"nq-tkt-02", "nq-tkt-04", "nq-dsp-01", "nq-drw-01"}
LOGIN = {"user": standins.USER, "password": standins.PASSWORD}

# How many seconds a server may take to start on a machine that is busy.
PATIENCE = 90


class Killed(unittest.TestCase):
    def serve(self):
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            port = probe.getsockname()[1]
        command = [sys.executable, "-m", "yes_tally.cli", "serve", "--data", str(self.path.parent), "--port", str(port)]
        server = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        self.addCleanup(server.wait)
        self.addCleanup(server.kill)
        client = self.enterContext(httpx.Client(base_url=f"http://127.0.0.1:{port}", timeout=30))
        patience = time.monotonic() + PATIENCE
        while time.monotonic() < patience:
            try:
                client.get("/api/health")
                break
            except httpx.HTTPError:
                time.sleep(0.05)
        self.assertEqual(client.post("/api/sign-in", json={"sign_in": "ines", "password": PASSWORD}).status_code, 200)
        return server, client

    def test_nothing_that_had_arrived_is_lost_and_the_rest_is_asked_when_told(self):
        office = Answering(HOSTS, pace=0.3)
        self.addCleanup(office.stop)
        pcs = {pc.host: pc for pc in office.machines}
        path, _ = empty_store()
        self.path = path.rename(path.with_name("yes-tally.db"))
        open_store(self.path)
        with using():
            assets = enlist(office)
        server, client = self.serve()
        body = {"choice": {"assets": [a.id for a in assets.values()], "extent": "sheet"}, "login": LOGIN}
        number = client.post("/api/runs", json=body).json()["id"]

        def arrived(run):
            return {
                (pc["asset"]["host"], c["typed"]): c["report"]
                for pc in run["pcs"]
                for c in pc["commands"]
                if c["state"] == "answered"
            }

        told = {}
        while len(told) < 20:
            told = arrived(client.get(f"/api/runs/{number}").json())
        os.kill(server.pid, signal.SIGKILL)
        server.wait()

        with using():
            for (host, typed), sha256 in told.items():
                self.assertEqual(bytes_of(sha256), printed(pcs[host], typed))
        _, client = self.serve()
        run = client.get(f"/api/runs/{number}").json()
        self.assertLessEqual(told.items(), arrived(run).items())
        self.assertFalse(run["going"])
        self.assertFalse(run["remembers_login"])
        still = [pc for pc in run["pcs"] if pc["state"] == "stopped"]
        self.assertTrue(still)
        self.assertIn("server was started anew", still[0]["why"])
        refused = client.post(f"/api/runs/{number}/go", json={})
        self.assertEqual((refused.status_code, "enter them again" in refused.text), (422, True))

        self.assertEqual(client.post(f"/api/runs/{number}/go", json={"login": LOGIN}).status_code, 200)
        for _ in range(900):
            run = client.get(f"/api/runs/{number}").json()
            if not run["going"]:
                break
            time.sleep(0.1)
        self.assertEqual({pc["state"] for pc in run["pcs"]}, {"ended"})
        whole = arrived(run)
        self.assertEqual(len(whole), sum(len(pc["commands"]) for pc in run["pcs"]))
        with using():
            for (host, typed), sha256 in whole.items():
                self.assertEqual(bytes_of(sha256), printed(pcs[host], typed))


if __name__ == "__main__":
    unittest.main()
