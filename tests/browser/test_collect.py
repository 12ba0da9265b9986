"""Collecting in the real interface: choose, ask, watch, see why, ask again; sheets; handing in from a shell."""

import unittest
import urllib.request

from playwright.sync_api import expect

from tests.browser.driven import Driven
from tests.collecting.stand_in_office import Answering
from yes_tally.records.asking import give_address
from yes_tally.records.models import Asset
from yes_tally.records.store import using
from yes_tally.standins import host as standins

HOSTS = {"nq-tkt-01", "nq-tkt-02", "nq-acc-04", "nq-crw-07"}


class AtCollect(Driven):
    @classmethod
    def setUpClass(cls):
        super().setUpClass()
        cls.office = Answering(HOSTS)
        cls.addClassCleanup(cls.office.stop)
        with using():
            for asset in Asset.select().where(Asset.host.in_(HOSTS)):
                give_address(asset, "127.0.0.1", cls.office.ports[asset.host], "Harbour OS")

    def choose(self, *hosts):
        for host in hosts:
            self.page.get_by_role("checkbox", name=host).check()

    def line(self, host):
        return self.page.get_by_role("list", name="PCs of the run").get_by_role("button", name=host)

    def log_in(self, password=standins.PASSWORD):
        self.page.get_by_label("User on the PCs").fill(standins.USER)
        self.page.get_by_label("Password on the PCs").fill(password)

    def test_ask_what_specs_need_watch_it_fill_and_find_it_on_the_bench(self):
        self.sign_in()
        page = self.page
        page.keyboard.press("c")
        self.choose("nq-tkt-01", "nq-tkt-02")
        expect(page.get_by_text("a PC takes about")).to_be_visible()
        self.log_in()
        self.assertEqual(self.axe(), [])
        page.get_by_role("button", name="Ask 2 PCs").click()
        line = self.line("nq-tkt-02")
        expect(line).to_contain_text("answered")
        self.assertEqual(page.get_by_label("Password on the PCs").input_value(), "")
        expect(page.get_by_role("status").first).to_contain_text("ended")
        line.click()
        page.get_by_role("link", name="See it on the Bench").click()
        expect(page.get_by_role("heading", level=1, name="nq-tkt-02")).to_be_visible()
        expect(page.get_by_label("Which report")).to_contain_text("about machine")
        page.get_by_label("Which report").select_option(label="about licence")
        expect(page.get_by_text("Licence of this PC")).to_be_visible()

    def test_each_trouble_is_said_and_asked_again_by_who_can(self):
        self.sign_in("ines")
        page = self.page
        page.goto(f"{self.base}/collect")
        page.get_by_label("Show only PCs with").fill("nq-")
        self.choose("nq-tkt-01", "nq-acc-04", "nq-crw-07")
        page.get_by_text("Give up a command after").click()
        page.get_by_label("A command, s").fill("1")
        page.get_by_label("A PC, s").fill("2")
        self.log_in()
        # Enter asks once it is known what each PC will be asked.
        expect(page.get_by_role("button", name="Ask 3 PCs")).to_be_enabled()
        page.keyboard.press("Enter")
        expect(self.line("nq-acc-04")).to_contain_text("did not let us in")
        expect(self.line("nq-crw-07")).to_contain_text("too slow")
        expect(page.get_by_role("button", name="Ask again what has no answer")).to_be_enabled()
        page.get_by_label("only the 2 with trouble").check()
        expect(self.line("nq-tkt-01")).to_have_count(0)
        self.line("nq-crw-07").click()
        expect(page.get_by_text("it did not answer in time").first).to_be_visible()
        self.assertEqual(self.axe(), [])
        address = page.url
        page.goto(f"{self.base}/floor")
        page.goto(address)
        self.line("nq-acc-04").click()
        page.get_by_role("button", name="Ask just this PC again").click()
        expect(self.line("nq-acc-04")).to_contain_text("did not let us in")

    def test_a_sheet_is_read_edited_refused_and_copied(self):
        self.sign_in()
        page = self.page
        page.goto(f"{self.base}/collect/sheets")
        row = page.get_by_role("row", name="about licence")
        expect(row).to_contain_text("administrator rights")
        expect(row).to_contain_text("licence")
        self.assertEqual(self.axe(), [])
        page.get_by_role("button", name="Copy all to paste into a PC").click()
        self.assertIn("about machine\nabout modules\n", page.evaluate("navigator.clipboard.readText()"))
        page.get_by_role("link", name="Harbour OS, español").click()
        page.get_by_role("button", name="Edit as text").click()
        text = page.get_by_label("The sheet as text")
        before = text.input_value()
        text.fill(before + "equipo discos,again,anyone,1\n")
        page.get_by_role("button", name="Keep this sheet").click()
        expect(page.get_by_role("alert")).to_contain_text("stands in the sheet twice")
        text.fill(before + "equipo todo,todo,anyone,1\n")
        page.get_by_role("button", name="Keep this sheet").click()
        expect(page.get_by_role("row", name="equipo todo")).to_contain_text("never asked")

    def test_a_sheet_is_made_from_a_pasted_session(self):
        self.sign_in()
        page = self.page
        page.goto(f"{self.base}/collect/sheets")
        page.get_by_role("button", name="A new sheet").click()
        page.get_by_label("For which kind of PC").fill("Kelp terminals")
        page.get_by_label("Paste a session").fill("a@kelp-1 > kelp all\nBuild: 1\n\na@kelp-1 > kelp disks\nDisk 0\n")
        page.get_by_role("button", name="Take its commands").click()
        page.get_by_role("button", name="Keep this sheet").click()
        expect(page.get_by_role("heading", level=1, name="Kelp terminals")).to_be_visible()
        expect(page.get_by_role("row", name="kelp disks")).to_be_visible()

    def test_a_report_from_a_shell_appears_in_the_tray_by_itself(self):
        self.sign_in()
        page = self.page
        page.keyboard.press("v")
        page.keyboard.press("s")
        dialog = page.get_by_role("dialog")
        expect(dialog.get_by_text("a new visit")).to_be_visible()
        address = dialog.locator("p.font-mono").inner_text()
        self.assertEqual(self.axe(), [])
        page.keyboard.press("Escape")
        data = b"Host name: nq-new-77\nBuild: 12.0.4417.82\n"
        self.assertEqual(urllib.request.urlopen(address, data).status, 201)
        expect(page.get_by_role("navigation", name="Tray").get_by_text("nq-new-77")).to_be_visible()


if __name__ == "__main__":
    unittest.main()
