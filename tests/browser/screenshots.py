"""``make screenshots``: one current picture of each main view, 1280x800, from the demo office."""

from __future__ import annotations

from pathlib import Path

from tests.browser.driven import Driven
from tests.collecting.stand_in_office import Answering
from yes_tally.records.asking import give_address
from yes_tally.records.models import Asset
from yes_tally.records.store import using
from yes_tally.standins.host import PASSWORD, USER

FOLDER = Path(__file__).resolve().parents[2] / "docs" / "screenshots"
# name, address, keys pressed before the picture is taken
VIEWS: tuple[tuple[str, str, tuple[str, ...]], ...] = (
    ("bench", "/bench/124", ()),
    ("bench-who", "/bench/123", ()),
    ("ask-sheet", "/collect/sheets/Harbour OS", ()),
    ("floor", "/floor", ()),
    ("floor-worst", "/floor", ("w", "j", *["ArrowRight"] * 13)),
    ("asset", "/assets/3", ()),
    ("parts", "/parts", ()),
    ("specs", "/specs/Counter PC", ()),
)


class Screenshots(Driven):
    def runTest(self) -> None:
        self.page.goto(f"{self.base}/sign-in")
        self.page.screenshot(path=FOLDER / "sign-in.png")
        self.sign_in()
        for name, address, keys in VIEWS:
            self.page.goto(self.base + address)
            self.page.get_by_role("heading", level=1).wait_for()
            self.page.wait_for_timeout(800)
            for key in keys:
                self.page.keyboard.press(key)
            self.page.wait_for_timeout(200)
            self.page.screenshot(path=FOLDER / f"{name}.png")
        self.teach()
        self.collect()

    def teach(self) -> None:
        """A label is being taught, and the phrasebook."""
        page = self.page
        page.goto(f"{self.base}/bench/125")
        page.locator("[data-line='10']").click()
        page.keyboard.press("t")
        page.get_by_role("combobox", name="It stands for").fill("disk.media")
        page.get_by_role("option", name="disk.media").click()
        page.get_by_text("It changes 2 places").wait_for()
        page.screenshot(path=FOLDER / "bench-teach.png")
        page.keyboard.press("Escape")
        page.keyboard.press("p")
        page.get_by_role("button", name="Berth memory").first.click()
        page.get_by_text("It changes 1 place").wait_for()
        page.screenshot(path=FOLDER / "phrases.png")

    def collect(self) -> None:
        """A run over the stand-ins, half-way."""
        office = Answering(pace=1.0)
        self.addCleanup(office.stop)
        with using():
            for asset in Asset.select():
                give_address(asset, "127.0.0.1", office.ports[asset.host], "Harbour OS")
        page = self.page
        page.goto(f"{self.base}/collect")
        page.get_by_role("button", name="All 36").click()
        page.get_by_text("The whole sheet").click()
        page.get_by_text("Give up a command").click()
        page.get_by_label("A command, s").fill("6")
        page.get_by_text("Give up a command").click()
        page.get_by_label("User on the PCs").fill(USER)
        page.get_by_label("Password on the PCs").fill(PASSWORD)
        page.get_by_role("button", name="Ask 36 PCs").click()
        page.wait_for_timeout(9500)
        page.screenshot(path=FOLDER / "collect.png")
