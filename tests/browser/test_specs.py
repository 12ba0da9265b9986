"""Writing specs in the real interface: mistakes as one types, the office's answer, the limit moved, revisions."""

from playwright.sync_api import expect

from tests.browser.driven import Driven


class AtSpecs(Driven):
    def open(self, who="ines"):
        self.sign_in(who)
        self.page.keyboard.press("x")
        expect(self.page.get_by_role("heading", name="8 PCs would be held against it")).to_be_visible()

    def at_end(self, text):
        self.page.locator(".cm-content").click()
        self.page.keyboard.press("Control+End")
        self.page.keyboard.insert_text(text)

    def test_a_mistake_is_underlined_with_the_nearest_right_word(self):
        self.open()
        self.assertEqual(self.axe(), [])
        self.at_end('\nmust os.edtion is "Studio"')
        expect(self.page.get_by_role("region", name="Mistakes")).to_contain_text("Did you mean “os.edition”?")
        expect(self.page.locator(".cm-lintRange-error")).to_have_text("os.edtion")
        expect(self.page.get_by_role("button", name="Publish")).to_be_disabled()

    def test_a_limit_is_moved_published_and_taken_back(self):
        self.open()
        page = self.page
        limit = page.get_by_role("slider", name="Limit of processor.cores")
        limit.focus()
        page.keyboard.press("ArrowRight")
        expect(page.locator(".cm-content")).to_contain_text("processor.cores at least 5")
        page.get_by_label("What changed and why").fill("more cores")
        page.get_by_role("button", name="Publish").click()
        revisions = page.get_by_role("region", name="Revisions")
        expect(revisions).to_contain_text("more cores")
        revisions.get_by_role("button", name="first revision").click()
        page.get_by_role("button", name="Take revision 1 up again").click()
        expect(page.locator(".cm-content")).to_contain_text("processor.cores at least 4")

    def test_names_are_completed_from_the_catalogue_and_the_office(self):
        self.open()
        self.at_end("\n")
        self.page.keyboard.type("must os.edition is ")
        self.page.keyboard.press("Control+Space")
        expect(self.page.locator(".cm-tooltip-autocomplete")).to_contain_text('"Studio"')

    def test_a_spec_from_good_pcs(self):
        self.open("tamsin")
        page = self.page
        page.get_by_role("button", name="From an example").click()
        page.get_by_label("The new spec's name").fill("Like these")
        page.get_by_role("checkbox", name="nq-tkt-01").check()
        page.get_by_role("checkbox", name="nq-tkt-02").check()
        page.get_by_role("button", name="Write what 2 PCs share").click()
        expect(page.locator(".cm-content")).to_contain_text('spec "Like these"')
        expect(page.get_by_text("It is not published yet.")).to_be_visible()
        expect(page.get_by_text("A lead publishes")).to_be_visible()

    def test_a_lead_waives_a_no_and_it_stands_among_the_waivers(self):
        self.sign_in("ines")
        page = self.page
        page.keyboard.press("f")
        page.locator("[data-pc]").filter(has_text="nq-crw-06").click()
        page.get_by_role("button", name="waive").first.click()
        page.get_by_label("Why it may stay so").fill("the part is ordered")
        self.assertEqual(self.axe(), [])
        page.get_by_role("button", name="Agree to it").click()
        expect(page.get_by_text("the part is ordered (Ines Calloway)")).to_be_visible()
        expect(page.get_by_role("img", name="waived").first).to_be_visible()
        page.keyboard.press("x")
        expect(page.get_by_role("region", name="Waivers")).to_contain_text("nq-crw-06")
