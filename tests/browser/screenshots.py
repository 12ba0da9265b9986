"""``make screenshots``: one current picture of each main view, 1280x800, from the demo office."""

from __future__ import annotations

from pathlib import Path

from tests.browser.driven import Driven

FOLDER = Path(__file__).resolve().parents[2] / "docs" / "screenshots"
# name, address, keys pressed before the picture is taken
VIEWS: tuple[tuple[str, str, tuple[str, ...]], ...] = (
    ("bench", "/bench/124", ()),
    ("bench-who", "/bench/123", ()),
    ("floor", "/floor", ()),
    ("floor-worst", "/floor", ("w", "j", *["ArrowRight"] * 13)),
    ("asset", "/assets/3", ()),
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
