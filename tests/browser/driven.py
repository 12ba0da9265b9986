"""The real interface, served as it is and driven in headless Chromium."""

from __future__ import annotations

import socket
import tempfile
import threading
import unittest
from pathlib import Path

import uvicorn
from playwright.sync_api import Page, expect, sync_playwright

from tests.served import served
from tests.stores import copy_of_demo
from yes_tally.server.logs import configure_logs

# The other half of the tests keeps the machine busy meanwhile: a minute tells "never" from "late", and is no measure.
PATIENCE = 60_000
expect.set_options(timeout=PATIENCE)

CHROMIUM = "/usr/bin/chromium"
FLAGS = (
    "--headless --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking "
    "--disable-component-update --disable-sync"
).split()
AXE = Path(__file__).resolve().parents[2] / "frontend/node_modules/axe-core/axe.min.js"
PASSWORDS = {"ines": "lantern-room-7", "tamsin": "harbour-desk-3", "bram": "ticket-hut-11"}


class Driven(unittest.TestCase):
    """One server on a copy of the demo office and one browser a class; a fresh page a test."""

    @classmethod
    def setUpClass(cls) -> None:
        configure_logs(quiet=True)
        cls.store = copy_of_demo()
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            cls.base = f"http://127.0.0.1:{probe.getsockname()[1]}"
        cls.server = uvicorn.Server(uvicorn.Config(served(), port=int(cls.base.rsplit(":", 1)[1]), log_level="error"))
        cls.thread = threading.Thread(target=cls.server.run, daemon=True)
        cls.thread.start()
        cls.playwright = sync_playwright().start()
        cls.folder = tempfile.TemporaryDirectory(ignore_cleanup_errors=True)
        cls.context = cls.playwright.chromium.launch_persistent_context(
            cls.folder.name, executable_path=CHROMIUM, args=FLAGS, viewport={"width": 1280, "height": 800}
        )
        cls.context.grant_permissions(["clipboard-read", "clipboard-write"])
        cls.context.set_default_timeout(PATIENCE)

    @classmethod
    def tearDownClass(cls) -> None:
        cls.context.close()
        cls.playwright.stop()
        cls.server.should_exit = True
        cls.thread.join(10)
        cls.folder.cleanup()

    def setUp(self) -> None:
        self.context.clear_cookies()
        self.page: Page = self.context.new_page()
        self.addCleanup(self.page.close)
        self.broken: list[str] = []
        self.page.on("pageerror", lambda error: self.broken.append(str(error)))
        self.page.on(
            "console",
            lambda m: self.broken.append(m.text) if m.type == "error" and "status of 4" not in m.text else None,
        )

    def tearDown(self) -> None:
        self.assertEqual(self.broken, [], "the page said that something broke")

    def sign_in(self, name: str = "tamsin") -> None:
        """Sign in and go to the Bench; without the form, which has tests of its own."""
        given = {"sign_in": name, "password": PASSWORDS[name]}
        answer = self.context.request.post(f"{self.base}/api/sign-in", data=given)
        self.assertTrue(answer.ok, answer.text())
        self.page.goto(f"{self.base}/")
        self.page.wait_for_url("**/bench/*")

    def paste(self, text: str) -> None:
        """Paste as a person does: the clipboard holds it, the page has the focus, Ctrl+V."""
        self.page.evaluate("text => navigator.clipboard.writeText(text)", text)
        self.page.keyboard.press("Control+v")

    def axe(self) -> list[str]:
        """What axe-core finds wrong with the page as it stands."""
        self.page.evaluate(AXE.read_text())
        found = self.page.evaluate("() => axe.run(document, {resultTypes: ['violations']})")
        return [f"{v['id']}: {v['help']} at {[n['html'][:120] for n in v['nodes'][:3]]}" for v in found["violations"]]
