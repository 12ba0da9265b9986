"""Finding, sorting, moving: what the places do beside the main way."""

import re
from pathlib import Path

from playwright.sync_api import expect

from tests.browser.driven import Driven
from tests.browser.test_bench import OFFICE
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.reports import session


class OnTheFloor(Driven):
    def setUp(self):
        super().setUp()
        self.sign_in("bram")
        self.page.goto(f"{self.base}/floor")
        expect(self.page.get_by_role("heading", level=1)).to_contain_text("36 PCs")

    def test_rooms_hold_their_pcs_and_the_head_office_stands_first(self):
        rooms = self.page.get_by_role("region").filter(has=self.page.locator("[data-pc]")).locator("h2")
        expect(rooms).to_have_count(9)
        ticket_hall = self.page.get_by_role("region", name="Ticket hall, Northquay")
        expect(ticket_hall.locator("[data-pc]")).to_have_count(6)
        self.assertNotIn("Gull Point", self.page.locator("section section").first.inner_text())

    def test_worst_first_puts_every_no_before_every_yes(self):
        self.page.get_by_role("button", name="Worst first").click()
        bad = self.page.get_by_role("region", name=re.compile("Not all yes"))
        good = self.page.get_by_role("region", name=re.compile("All yes, "))
        expect(self.page.get_by_role("region").locator("[data-pc]")).to_have_count(36)
        expect(bad).to_contain_text("never met")
        expect(bad.locator("g[data-verdict=no]").first).to_be_visible()
        expect(good.locator("g[data-verdict=no]")).to_have_count(0)
        self.assertEqual(bad.locator("[data-pc]").count() + good.locator("[data-pc]").count(), 36)

    def test_hovering_a_stroke_names_what_was_found_and_a_click_goes_there(self):
        row = self.page.locator("[data-pc]").filter(has_text="nq-tkt-03")
        row.locator("g[data-verdict=no]").hover()
        expect(self.page.get_by_role("status")).to_contain_text("same speed across module")
        expect(self.page.get_by_role("status")).to_contain_text("266 MT/s apart")
        row.locator("g[data-verdict=no]").click()
        self.page.wait_for_url("**/assets/*")
        expect(self.page.get_by_role("heading", level=1, name="nq-tkt-03")).to_be_visible()

    def test_what_needs_a_person_leads_to_it(self):
        self.page.get_by_role("complementary").get_by_role("link").filter(has_text="nq-dsp-05").click()
        self.page.wait_for_url("**/bench/*")
        expect(self.page.get_by_text("the host name differs").first).to_be_visible()

    def test_finding_by_room_and_tag_and_nothing(self):
        box = self.page.get_by_role("combobox", name="Find a PC")
        for asked, first in (("workshop", "gp-wks-01"), ("lsf-0003", "nq-tkt-03"), ("nq-drw 03", "nq-drw-03")):
            box.fill(asked)
            expect(self.page.get_by_role("option").first).to_contain_text(first)
        box.fill("submarine")
        expect(self.page.get_by_text("No PC has that")).to_be_visible()
        box.press("Escape")
        expect(self.page.get_by_role("option")).to_have_count(0)

    def test_the_tape_counts_what_came_in_today(self):
        expect(
            self.page.get_by_role("img", name=re.compile(r"^Handed in today: \d+ reports?, \d+ visits?$"))
        ).to_be_visible()


class OnAnAsset(Driven):
    def open(self, host):
        self.sign_in()
        self.page.goto(f"{self.base}/floor")
        self.page.locator("[data-pc]").filter(has_text=host).click()
        expect(self.page.get_by_role("heading", level=1, name=host)).to_be_visible()

    def test_the_slow_module_is_seen_in_its_slot(self):
        self.open("nq-tkt-03")
        slots = self.page.get_by_role("region", name="Inside the case").get_by_role("listitem")
        expect(slots.nth(1)).to_contain_text("2400, slowest")
        expect(slots.nth(2)).to_contain_text("free")

    def test_no_stands_first_until_the_spec_s_order_is_asked_for(self):
        self.open("nq-acc-01")
        first = self.page.get_by_role("region", name="Against the spec").get_by_role("listitem").first
        expect(first).to_contain_text("no account where admin is yes")
        expect(first).to_contain_text("helper2")
        self.page.keyboard.press("w")
        expect(first).to_contain_text("memory.installed at least 16 GB")

    def test_a_record_is_taken_along_as_a_file(self):
        self.open("nq-acc-01")
        with self.page.expect_download() as taken:
            self.page.get_by_role("region", name="Visits and records").get_by_role("link").first.click()
        self.assertRegex(taken.value.suggested_filename, r"^record-\d+\.json$")
        self.assertIn(b'"format":"yes-tally record 1"', Path(taken.value.path()).read_bytes())

    def test_a_pc_never_met_says_what_to_do(self):
        self.open("gp-wks-03")
        expect(self.page.get_by_role("heading", name="Never met")).to_be_visible()

    def test_an_asset_that_is_not_there_is_told_in_words(self):
        self.sign_in()
        self.page.goto(f"{self.base}/assets/4711")
        expect(self.page.get_by_role("alert")).to_contain_text("There is no asset 4711.")
        self.page.goto(f"{self.base}/bench/4711")
        expect(self.page.get_by_role("alert")).to_contain_text("There is no visit 4711.")


class MoreOfTheBench(Driven):
    def test_two_reports_of_one_pc_lie_in_one_visit_and_r_turns_the_page(self):
        self.sign_in()
        pc = OFFICE["nq-crw-02"]
        self.paste(session(pc, ENGLISH[:2]))
        expect(self.page.get_by_role("heading", level=1, name="nq-crw-02")).to_be_visible()
        self.paste(session(pc, ENGLISH[2:]))
        expect(self.page.get_by_role("heading", name="Report 2 of 2")).to_be_visible()
        expect(self.page.get_by_role("region", name="Lines of the report")).to_contain_text("about processor")
        self.page.keyboard.press("r")
        expect(self.page.get_by_role("heading", name="Report 1 of 2")).to_be_visible()

    def test_v_gives_the_next_paste_a_visit_of_its_own(self):
        self.sign_in()
        before = self.page.get_by_role("navigation", name="Tray").get_by_role("link").count()
        self.page.keyboard.press("v")
        expect(self.page.get_by_role("checkbox", name="as a visit of its own")).to_be_checked()
        self.paste("Build: 12.0.4417.82\nEdition: Studio\n")
        expect(self.page.get_by_role("navigation", name="Tray").get_by_role("link")).to_have_count(before + 1)

    def test_nothing_on_the_clipboard_but_blanks_is_told(self):
        self.sign_in()
        self.paste("   \n\n ")
        expect(self.page.get_by_role("alert")).to_contain_text("it is empty")

    def test_markup_in_a_report_stays_text(self):
        self.sign_in()
        self.paste(
            "Host name: nq-tkt-06\nModel: <img src=x onerror=document.title='broken'>\nSerial number: <b>S1-22</b>\n"
        )
        expect(self.page.get_by_role("region", name="Lines of the report")).to_contain_text("<img src=x")
        self.assertEqual(self.page.title(), "Yes Tally")
