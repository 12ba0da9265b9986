"""Teaching in the real interface, by keys alone: a line, one choice, and every line lights up; the phrasebook's page."""

import json
import tempfile
from pathlib import Path

from playwright.sync_api import expect

from tests.browser.driven import Driven


class Teaching(Driven):
    def at_the_kiosk(self, who="tamsin"):
        self.sign_in(who)
        self.page.get_by_role("navigation", name="Tray").get_by_role("link", name="gp-kio-01").click()
        expect(self.page.get_by_role("heading", level=1, name="gp-kio-01")).to_be_visible()

    def line(self, number):
        return self.page.locator(f"[data-line='{number}']")

    def test_one_key_one_choice_and_all_its_lines_light_up(self):
        self.at_the_kiosk()
        page, keys = self.page, self.page.keyboard
        self.line(10).click()
        expect(page.get_by_role("region", name="Line 10")).to_contain_text(
            "nothing else that is said of a disk has this form"
        )
        keys.press("t")
        expect(page.get_by_role("heading", name="What does line 10 say?")).to_be_visible()
        expect(page.get_by_role("combobox", name="It stands for")).to_be_focused()
        keys.type("media")
        expect(page.get_by_role("option", name="disk.media")).to_be_visible()
        keys.press("ArrowDown")
        expect(page.get_by_text("It changes 2 places in 1 report")).to_be_visible()
        expect(
            page.get_by_text("this report, line 10: disk.media ssd in doubt → disk.media ssd", exact=True)
        ).to_be_visible()
        expect(self.line(10)).to_have_attribute("data-lit", "true")
        expect(self.line(16)).to_have_attribute("data-lit", "true")
        self.assertEqual(self.axe(), [])
        keys.press("Enter")
        expect(self.line(16).locator(".mark")).to_contain_text("HDD")
        expect(page.get_by_role("heading", level=1, name="gp-kio-01")).to_be_visible()
        self.line(16).click()
        expect(page.get_by_role("region", name="Line 16")).to_contain_text("“Sorte” was taught as disk.media")

    def test_a_plain_line_is_taught_by_its_words(self):
        self.at_the_kiosk()
        page, keys = self.page, self.page.keyboard
        self.line(21).click()
        keys.press("t")
        expect(page.get_by_role("button", name="2025-06-02.", pressed=True)).to_be_visible()
        expect(page.get_by_role("combobox", name="It stands for")).to_be_focused()
        keys.type("os.installed")
        expect(page.get_by_role("option", name="os.installed_at")).to_be_visible()
        keys.press("ArrowDown")
        keys.press("Enter")
        expect(self.line(21).locator(".mark")).to_contain_text("2025-06-02")

    def test_what_contradicts_is_refused_with_the_reason(self):
        self.at_the_kiosk()
        page = self.page
        self.line(5).click()
        page.keyboard.press("t")
        page.get_by_role("option", name="memory.usable").click()
        expect(page.get_by_role("alert")).to_contain_text("was taught as memory.installed by Tamsin Quill")
        expect(page.get_by_role("button", name="Teach it to the team")).to_be_disabled()
        page.keyboard.press("Escape")
        expect(page.get_by_role("heading", level=1, name="gp-kio-01")).to_be_visible()

    def test_a_reader_is_not_offered_what_they_may_not(self):
        self.at_the_kiosk("bram")
        self.line(10).click()
        expect(self.page.get_by_role("region", name="Line 10")).to_be_visible()
        self.assertEqual(self.page.get_by_role("button", name="Teach it").count(), 0)

    def test_the_book_says_who_taught_what_and_switches_it_off(self):
        self.sign_in()
        page = self.page
        page.keyboard.press("p")
        page.get_by_role("button", name="Berth memory").first.click()
        expect(page.get_by_text("It changes 1 place in 1 report")).to_be_visible()
        expect(page.get_by_text("Tamsin Quill taught it on")).to_be_visible()
        page.get_by_role("button", name="Switch it off").click()
        expect(page.get_by_role("button", name="Switch it on again")).to_be_visible()
        expect(page.get_by_text("off since Tamsin Quill said so")).to_be_visible()
        page.get_by_role("button", name="Switch it on again").click()
        expect(page.get_by_role("button", name="Switch it off")).to_be_visible()
        self.assertEqual(self.axe(), [])

    def test_an_unknown_label_is_taught_from_the_list_and_leaves_it(self):
        self.sign_in()
        page = self.page
        page.keyboard.press("p")
        unknown = page.get_by_role("region", name="Not known yet")
        unknown.get_by_role("button", name="Tide clock").click()
        page.get_by_role("combobox", name="It stands for").fill("booted")
        page.get_by_role("option", name="host.booted_at").click()
        page.get_by_role("button", name="Teach it to the team").click()
        expect(page.get_by_role("region", name="Taught by the team")).to_contain_text("Tide clock")
        expect(unknown.get_by_role("button", name="Tide clock")).to_have_count(0)

    def test_phrases_come_in_from_a_file_after_a_look(self):
        self.sign_in()
        page = self.page
        page.keyboard.press("p")
        page.get_by_role("button", name="Files").click()
        phrases = [
            {"label": "Keel length", "fact": "disk.size", "heading": "Keels", "after": None},
            {"label": "Fettle", "fact": "disk.model", "heading": "Kelp disk 3", "after": None},
        ]
        with tempfile.TemporaryDirectory() as folder:
            file = Path(folder, "book.json")
            file.write_text(json.dumps({"format": "yes-tally phrasebook 1", "phrases": phrases}))
            page.get_by_label("Take phrases in").set_input_files(file)
            expect(page.get_by_text("1 of 2 phrases can be taken in.")).to_be_visible()
            expect(page.get_by_text("was taught as disk.health")).to_be_visible()
            page.get_by_role("button", name="Take 1 phrase in").click()
            expect(page.get_by_text("1 phrase taken in.")).to_be_visible()
            file.write_text("{")
            page.get_by_label("Take phrases in").set_input_files(file)
            expect(page.get_by_role("alert")).to_contain_text("no JSON file")
