"""Disputes, evidence and the parts book, done in the browser as technicians do them."""

import re

from playwright.sync_api import expect

from tests.browser.driven import Driven


class TheOffice(Driven):
    def setUp(self):
        super().setUp()
        self.sign_in()

    def test_a_dispute_is_ruled_on_with_the_keyboard_and_taken_back(self):
        page = self.page
        page.goto(f"{self.base}/bench/124")
        believe = page.get_by_role("button", name="believe 8 GB")
        believe.focus()
        page.keyboard.press("Enter")
        page.get_by_label("Why 8 GB").fill("opened the case")
        page.keyboard.press("Enter")
        page.get_by_role("heading", name="memory installed: 8 GB, as ruled").wait_for()
        card = page.get_by_label("memory installed disputed")
        expect(card).to_contain_text("opened the case")
        expect(card).to_contain_text("16 GB")
        page.get_by_role("button", name="take the ruling back").click()
        page.get_by_role("heading", name="memory installed: which is true?").wait_for()

    def test_a_contradiction_leads_to_its_line(self):
        page = self.page
        page.goto(f"{self.base}/bench/124")
        checks = page.get_by_role("region", name="Cross-checks")
        checks.get_by_text("but the modules add up to 8 GB").wait_for()
        checks.get_by_role("button", name=re.compile("about modules, line")).first.click()
        page.locator("[data-line='22']").wait_for()

    def test_an_answer_shows_the_very_line_it_rests_on(self):
        page = self.page
        page.goto(f"{self.base}/assets/3")
        answer = page.get_by_role("button", name="same speed across module")
        answer.click()
        expect(answer).to_have_attribute("aria-expanded", "true")
        expect(page.locator("li.font-semibold")).to_contain_text(["SK08-D4-2666", "SK08-D4-2400"])
        self.assertEqual(self.axe(), [])

    def test_what_is_unsaid_says_what_to_ask(self):
        page = self.page
        refusing = self.asset("nq-acc-04")
        page.goto(f"{self.base}/assets/{refusing}")
        page.get_by_text("Against").first.wait_for()
        page.get_by_text(re.compile("needs administrator rights|ask about licence")).first.wait_for()

    def asset(self, host):
        floor = self.page.evaluate("fetch('/api/floor').then((answer) => answer.json())")
        return next(a["asset"]["id"] for a in floor["assets"] if a["asset"]["host"] == host)

    def test_a_part_is_taken_from_a_suggestion_changed_and_looked_up_before(self):
        page = self.page
        page.keyboard.press("i")
        page.get_by_role("heading", name="18 parts known").wait_for()
        page.get_by_role("button", name=re.compile("DN16-D5-4800")).click()
        page.get_by_label("price").fill("61")
        page.get_by_role("button", name="Keep it").click()
        page.get_by_role("heading", name="19 parts known").wait_for()
        page.get_by_label("price").fill("58")
        page.get_by_role("button", name="Keep it").click()
        page.get_by_role("region", name="Earlier entries").get_by_text("price 61").wait_for()
        page.get_by_label("size").fill("plenty")
        page.get_by_role("button", name="Keep it").click()
        expect(page.get_by_role("alert")).to_contain_text("“plenty” is no size")
        self.assertEqual(self.axe(), [])

    def test_a_file_of_parts_is_looked_at_before_it_is_taken(self):
        page = self.page
        page.goto(f"{self.base}/parts")
        page.get_by_role("button", name="Files").click()
        chosen = page.get_by_label("Take parts in")
        twice = "kind,number,size\ndisk,Basalt NV1000,1 TB\ndisk,basalt  nv1000,2 TB\n"
        chosen.set_input_files({"name": "twice.csv", "mimeType": "text/csv", "buffer": twice.encode()})
        page.get_by_text(re.compile("line 3: .*stands on line 2 already")).first.wait_for()
        self.assertEqual(page.get_by_role("button", name=re.compile("^Take 1 part")).count(), 0)
        once = twice.splitlines()[0] + "\ndisk,Basalt NV500,512 GB\n"
        chosen.set_input_files({"name": "once.csv", "mimeType": "text/csv", "buffer": once.encode()})
        page.get_by_text("0 new, 1 changed").wait_for()
        page.get_by_role("button", name="Take 1 part in").click()
        page.get_by_text("1 part taken in.").wait_for()
