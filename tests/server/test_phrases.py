"""The phrasebook over the API: who may teach, what is refused, and what a broken file gets."""

import time
from unittest.mock import patch

from tests.server.test_server import WithAServer
from yes_tally.records import rereading
from yes_tally.records.models import ReportReading
from yes_tally.records.store import using
from yes_tally.server.reading_again import rereader

KELP = b"svc@kio-01 > kelp sheet\nBerth memory: 4 GB\nThe lamp is lit\n"
BERTH = {"label": "Berth memory", "fact": "memory.installed"}


class Phrases(WithAServer):
    def setUp(self):
        super().setUp()
        visit = self.hand_in(KELP).json()["id"]
        self.sha256 = self.web.get(f"/api/visits/{visit}").json()["reports"][0]["sha256"]
        self.source = {"report": self.sha256, "line": 2, "printed": "4 GB"}

    def teach(self, **phrase):
        return self.web.post("/api/phrases", json={**self.source, **BERTH, **phrase})

    def test_look_teach_see_switch_off(self):
        line = self.web.get(f"/api/reports/{self.sha256}/lines/2").json()
        self.assertEqual(line["parts"][0]["label"], "Berth memory")
        seen = self.web.post("/api/phrases/preview", json={**self.source, **BERTH}).json()
        self.assertEqual((seen["refused"], seen["places"], seen["reports"]), (None, 1, 1))
        self.assertEqual(seen["changes"][0]["after"]["shown"], "4 GB")
        taught = self.teach()
        self.assertEqual(taught.status_code, 201, taught.text)
        number = taught.json()["id"]
        self.assertEqual(self.web.get(f"/api/phrases/{number}/says").json()["places"], 1)
        off = self.web.post(f"/api/phrases/{number}/off").json()
        self.assertEqual(off["off_by"], "Ines Calloway")
        self.assertIsNone(self.web.post(f"/api/phrases/{number}/on").json()["off_at"])

    def test_the_background_reads_what_waits(self):
        self.teach()
        for _ in range(1200):
            state = self.web.get("/api/reading").json()
            if state["reports"] and not state["waiting"]:
                break
            time.sleep(0.05)
        self.assertEqual((state["reports"], state["waiting"], state["sealed"]), (1, 0, []))
        self.assertEqual([u["label"] for u in self.web.get("/api/unknown-labels").json()], [])

    def test_a_report_that_breaks_the_reader_stops_no_other(self):
        rereader.close()
        self.hand_in(b"Host name: kio-02\nBuild: 1\n")
        with using():
            ReportReading.delete().execute()
        whole = rereading.read_again

        def broken(sources):
            if any(sha256 == self.sha256 for sha256, _ in sources):
                raise RuntimeError("made up")
            return whole(sources)

        with patch.object(rereading, "read_again", broken):
            rereader.start()
            rereader._thread.submit(lambda: None).result(10)
        self.assertEqual(self.web.get("/api/reading").json()["waiting"], 1)

    def test_contradictions_and_nonsense_are_told_in_words(self):
        self.teach()
        self.assertIn("memory.installed", self.problem(self.teach(fact="memory.usable"), 422))
        self.assertIn("no fact", self.problem(self.teach(label="Lamp oil", fact="lamp.oil"), 422))
        self.assertIn("not a size", self.problem(self.teach(label="Lamp oil", fact="disk.size", printed="lit"), 422))
        self.problem(self.teach(report="0" * 64, label="Lamp oil"), 404)
        self.problem(self.teach(label="x" * 300), 422)
        self.problem(self.teach(report="../etc"), 422)
        self.problem(self.web.get(f"/api/reports/{self.sha256}/lines/400"), 404)
        self.problem(self.web.get("/api/reports/xyz/lines/1"), 422)
        self.problem(self.web.post("/api/phrases/77/off"), 404)

    def test_a_reader_looks_and_does_not_teach(self):
        self.sign_in("bram")
        self.assertEqual(self.web.get("/api/phrases").json(), [])
        self.assertIn("technician", self.problem(self.teach(), 403))
        self.problem(self.web.post("/api/phrases/1/off"), 403)

    def test_files_go_out_and_come_in(self):
        self.teach()
        self.teach(label="The lamp is", after="", fact=None, line=3, printed="lit")
        file = self.web.get("/api/phrases/file").json()
        self.assertEqual(len(file["phrases"]), 2)
        told = self.web.post("/api/phrases/file", json=file).json()
        self.assertTrue(all("already" in each["refused"] for each in told))
        self.web.post("/api/phrases/1/off")
        told = self.web.post("/api/phrases/file?keep=true", json=file).json()
        self.assertEqual([each["refused"] is None for each in told], [True, False])

    def test_a_broken_file_takes_nothing(self):
        for body in (
            {},
            {"format": "another", "phrases": []},
            {"format": "yes-tally phrasebook 1", "phrases": [{}]},
            [1],
        ):
            self.problem(self.web.post("/api/phrases/file?keep=true", json=body), 422)
        self.problem(self.web.post("/api/phrases/file", content=b"\xff{"), 422)
        self.assertEqual(self.web.get("/api/phrases").json(), [])
