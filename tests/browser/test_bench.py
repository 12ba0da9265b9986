"""A technician's morning in the real interface: paste, look, enter, seal, find again; by mouse and by keyboard alone."""

import re
import unittest
from datetime import datetime
from pathlib import Path
from tempfile import NamedTemporaryFile

from playwright.sync_api import expect

from tests.browser.driven import Driven
from tests.stores import stranger
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

TODAY = datetime.now().replace(microsecond=0)
OFFICE = {pc.host: pc for pc in office(8040, TODAY)}
STRANGER = stranger(office(77, TODAY)[0])


def printed(host):
    return session(OFFICE[host], ENGLISH)


class AtTheBench(Driven):
    def test_paste_see_the_marks_and_the_tally_seal_and_find_it_again(self):
        self.sign_in()
        page = self.page
        pc = OFFICE["nq-tkt-06"]
        half = {fact: pc[fact] - 8 * 2**30 for fact in ("memory.installed", "memory.usable")}
        pc = pc.but(half, module=pc.items["module"][:1])
        self.paste(session(pc, ENGLISH))
        expect(page.get_by_role("heading", level=1, name="nq-tkt-06")).to_be_visible()
        build = page.locator(".mark", has_text=pc["os.build"]).first
        expect(build).to_have_attribute("data-mark", "read")
        expect(build).to_have_attribute("title", re.compile(r"os\.build"))
        expect(page.locator(".mark[data-mark=no]").first).to_have_text("8 GB")
        understanding = page.get_by_role("region", name="What it says")
        expect(understanding.get_by_text("short by 8 GB")).to_be_visible()
        expect(understanding.locator("g[data-verdict=no]")).to_have_count(1)
        page.get_by_role("button", name="Enter and seal").click()
        page.wait_for_url("**/assets/*")
        expect(page.get_by_role("heading", level=1, name="nq-tkt-06")).to_be_visible()
        first = page.locator("[id^=answer-]").first
        expect(first).to_contain_text("memory.installed at least 16 GB")
        expect(first).to_contain_text("8 GB")
        expect(page.get_by_role("region", name="Visits and records").get_by_text("seal whole").last).to_be_visible()
        page.get_by_role("link", name="Floor").click()
        row = page.get_by_role("link").filter(has_text="nq-tkt-06")
        expect(row).to_contain_text("today")
        expect(row.locator("g[data-verdict=no]")).to_have_count(1)

    def test_hovering_a_line_lights_the_fact_and_the_other_way_round(self):
        self.sign_in()
        page = self.page
        self.paste(printed("nq-dsp-01"))
        expect(page.get_by_role("heading", level=1, name="nq-dsp-01")).to_be_visible()
        page.locator(".mark", has_text=OFFICE["nq-dsp-01"]["machine.serial"]).first.hover()
        lit = page.get_by_role("region", name="What it says").locator(
            ".bg-wash-doubt", has_text=OFFICE["nq-dsp-01"]["machine.serial"]
        )
        expect(lit.first).to_be_visible()
        page.get_by_role("button", name="uefi").hover()
        expect(page.locator("[data-line][data-hot=true]")).to_contain_text("start mode")

    def test_a_dispute_is_a_question_with_each_witness(self):
        self.sign_in()
        page = self.page
        page.get_by_role("navigation", name="Tray").get_by_text("nq-crw-04").click()
        expect(page.get_by_role("heading", name="memory installed: which is true?")).to_be_visible()
        rows = page.get_by_role("region", name="What it says").get_by_role("row")
        self.assertEqual(sorted(rows.nth(i).inner_text().split("\t")[1] for i in range(2)), ["16 GB", "8 GB"])
        rows.nth(0).get_by_role("button", name="line").click()
        expect(page.locator(".mark[data-mark=disputed]").nth(1)).to_be_visible()

    def test_a_name_that_points_elsewhere_waits_for_a_person(self):
        self.sign_in()
        page = self.page
        page.get_by_role("navigation", name="Tray").get_by_text("nq-dsp-05").click()
        expect(page.get_by_text("the host name differs").first).to_be_visible()
        seal = page.get_by_role("button", name="Enter and seal")
        expect(seal).to_be_disabled()
        page.get_by_role("radio", name="gp-hbr-02").check()
        expect(seal).to_be_enabled()
        page.get_by_role("button", name="Keep open").click()
        expect(page.get_by_text("Entered to")).to_be_visible()
        expect(page.get_by_role("heading", level=1, name="gp-hbr-02")).to_be_visible()

    def test_a_pc_not_met_before_becomes_an_asset(self):
        self.sign_in()
        page = self.page
        self.paste(session(STRANGER, ENGLISH))
        expect(page.get_by_text("Not met before", exact=True)).to_be_visible()
        page.get_by_role("combobox", name="Another PC").select_option("new")
        page.get_by_label("Tag", exact=True).fill("LSF-0900")
        page.get_by_label("Role", exact=True).fill("counter")
        page.get_by_label("Room", exact=True).fill("Ticket hall")
        page.get_by_role("button", name="Enter and seal").click()
        page.wait_for_url("**/assets/*")
        expect(page.get_by_role("heading", level=1, name="nq-new-01")).to_be_visible()

    def test_a_file_is_handed_in_and_a_reload_loses_nothing(self):
        self.sign_in()
        page = self.page
        with NamedTemporaryFile(suffix=".txt", delete=False) as file:
            file.write(printed("nq-acc-02").replace("\n", "\r\n").encode("utf-16"))
        self.addCleanup(Path(file.name).unlink)
        page.get_by_label("Files to hand in").set_input_files(file.name)
        expect(page.get_by_role("heading", level=1, name="nq-acc-02")).to_be_visible()
        page.reload()
        expect(page.get_by_role("heading", level=1, name="nq-acc-02")).to_be_visible()

    def test_a_colleague_who_was_quicker_is_named(self):
        self.sign_in()
        page = self.page
        self.paste(printed("nq-srv-01"))
        expect(page.get_by_role("heading", level=1, name="nq-srv-01")).to_be_visible()
        number = page.url.rsplit("/", 1)[1]
        # Meanwhile a colleague enters it elsewhere; this page goes on showing the version it was given.
        other, visit = self.context.request, f"{self.base}/api/visits/{number}"
        given = other.get(visit)
        entering: list[str] = []
        page.route(visit, lambda route: route.continue_() if entering else route.fulfill(response=given))
        page.on("request", lambda sent: entering.append(sent.url) if sent.url.endswith("/enter") else None)
        page.reload()  # what it had asked for before may be answered only after the colleague
        expect(page.get_by_role("heading", level=1, name="nq-srv-01")).to_be_visible()
        answer = other.post(f"{visit}/enter", data={"version": given.json()["version"], "asset": 1})
        self.assertEqual(answer.status, 200)
        page.get_by_role("button", name="Enter and seal").click()
        told = page.get_by_role("alert").filter(has_text="Somebody was quicker")
        expect(told).to_contain_text("nothing of it was overwritten")
        expect(page.get_by_role("heading", level=1, name="nq-tkt-01")).to_be_visible()

    def test_an_ended_session_leads_to_sign_in_and_back(self):
        self.sign_in()
        self.page.goto(f"{self.base}/floor")
        self.context.clear_cookies()
        self.page.reload()
        self.page.wait_for_url("**/sign-in?from=**")
        expect(self.page.get_by_text("Sign in to go on where you were.")).to_be_visible()
        self.page.get_by_label("Name").fill("bram")
        self.page.get_by_label("Password").fill("wrong")
        self.page.keyboard.press("Enter")
        expect(self.page.get_by_role("alert")).to_contain_text("do not go together")
        self.page.get_by_label("Password").fill("ticket-hut-11")
        self.page.keyboard.press("Enter")
        self.page.wait_for_url("**/floor")

    def test_a_reader_is_told_that_a_technician_seals(self):
        self.sign_in("bram")
        expect(self.page.get_by_text("You are signed in to read")).to_be_visible()
        self.assertEqual(self.page.get_by_role("button", name="Enter and seal").count(), 0)

    def test_ten_thousand_lines_draw_only_what_is_in_sight(self):
        self.sign_in()
        lines = "".join(f"value {n} of the long log\n" for n in range(10_000))
        self.paste(f"ines@nq-tkt-06 > about machine\nHost name: nq-tkt-06\n{lines}Build: 12.0.4417.82\n")
        expect(self.page.get_by_text("10003 lines")).to_be_visible()
        self.assertLess(self.page.locator("[data-line]").count(), 150)
        # What is drawn beside the lines moves them: a key before that may scroll nothing.
        expect(self.page.get_by_role("heading", level=1, name="nq-tkt-06")).to_be_visible()
        expect(self.page.get_by_role("button", name="build 12.0.4417.82")).to_be_visible()
        lines = self.page.get_by_role("region", name="Lines of the report")
        lines.press("End")
        expect(self.page.locator("[data-line='10003']")).to_contain_text("12.0.4417.82")
        lines.press("Home")
        expect(self.page.locator("[data-line='2']")).to_contain_text("nq-tkt-06")


class ByKeyboardAlone(Driven):
    def test_sign_in_paste_look_seal_and_find(self):
        page, keys = self.page, self.page.keyboard
        page.goto(f"{self.base}/sign-in")
        expect(page.get_by_label("Name")).to_be_visible()  # a key before the form is drawn is lost
        keys.press("Tab")
        keys.type("tamsin")
        keys.press("Tab")
        keys.type("harbour-desk-3")
        keys.press("Enter")
        page.wait_for_url("**/bench/*")
        pc = OFFICE["nq-tkt-05"]
        self.paste(session(pc, ENGLISH))
        expect(page.get_by_role("heading", level=1, name="nq-tkt-05")).to_be_visible()
        tally = page.get_by_role("group", name="Tally; arrow keys name its strokes")
        for _ in range(60):
            if tally.evaluate("element => element === document.activeElement"):
                break
            keys.press("Tab")
        keys.press("ArrowRight")
        expect(page.get_by_role("status")).to_contain_text("memory.installed at least 16 GB")
        keys.press("Control+Enter")
        page.wait_for_url("**/assets/*")
        expect(page.get_by_role("heading", level=1, name="nq-tkt-05")).to_be_visible()
        keys.press("f")
        page.wait_for_url("**/floor")
        expect(page.get_by_role("heading", level=1)).to_contain_text("PCs")
        keys.press("w")
        expect(page.get_by_role("heading", name="Not all yes")).to_be_visible()
        keys.press("j")
        keys.press("ArrowRight")
        expect(page.get_by_role("status")).to_contain_text("at least")
        keys.press("Slash")
        keys.type("nq-tkt-05")
        keys.press("Enter")
        page.wait_for_url("**/assets/*")
        expect(page.get_by_role("heading", level=1, name="nq-tkt-05")).to_be_visible()
        expect(page.get_by_text("short by").first).to_be_visible()
        keys.press("Shift+Slash")
        expect(page.get_by_role("dialog", name="Keys")).to_be_visible()
        keys.press("Escape")
        keys.press("b")
        page.wait_for_url("**/bench/*")

    def test_keys_walk_the_tray_and_the_doubts_of_a_report(self):
        self.sign_in()
        page, keys = self.page, self.page.keyboard
        expect(page.get_by_role("heading", level=1, name="Not known yet")).to_be_visible()
        keys.press("j")
        expect(page.get_by_role("heading", level=1, name="gp-kio-01")).to_be_visible()
        keys.press("j")
        page.wait_for_url("**/bench/124")
        expect(page.get_by_role("heading", level=1, name="nq-crw-04")).to_be_visible()
        keys.press("n")
        lit = page.locator("[data-line][data-hot=true]")
        expect(lit).to_have_count(1)
        before = lit.get_attribute("data-line")
        keys.press("n")
        expect(page.locator(f"[data-line='{before}'][data-hot=true]")).to_have_count(0)
        keys.press("e")
        expect(lit).to_contain_text("nothing here by that name")


class Accessible(Driven):
    def test_axe_finds_nothing_on_any_page(self):
        self.page.goto(f"{self.base}/sign-in")
        self.assertEqual(self.axe(), [], "sign-in")
        self.sign_in()
        for path, ready in (
            ("/bench/124", "nq-crw-04"), ("/bench/123", "nq-dsp-05"), ("/bench/126", "Not known yet"), ("/floor", "36 PCs"), ("/assets/3", "nq-tkt-03"),
            ("/assets/36", "gp-wks-03"),
        ):  # fmt: skip
            self.page.goto(self.base + path)
            expect(self.page.get_by_role("heading", level=1)).to_contain_text(ready)
            self.assertEqual(self.axe(), [], path)
        self.page.keyboard.press("Shift+Slash")
        expect(self.page.get_by_role("dialog")).to_be_visible()
        self.assertEqual(self.axe(), [], "keys")

    def test_nothing_is_cut_off_at_twice_the_size(self):
        self.sign_in()
        self.page.set_viewport_size({"width": 768, "height": 1024})
        for path in ("/bench/124", "/floor", "/assets/3"):
            self.page.goto(self.base + path)
            expect(self.page.get_by_role("heading", level=1)).to_be_visible()
            wide = self.page.evaluate("() => document.documentElement.scrollWidth")
            self.assertLessEqual(wide, 768, path)


if __name__ == "__main__":
    unittest.main()
