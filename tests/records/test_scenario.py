"""Everything that is wrong in the demo office is found, and named for what it is."""

import unittest
from datetime import datetime

from bench.troubles import parts_book, told_of
from tests.stores import copy_of_demo
from yes_tally.core.crosschecks.registry import cross_check
from yes_tally.records import visits
from yes_tally.records.floor import floor
from yes_tally.records.models import Asset, Visit
from yes_tally.records.store import using
from yes_tally.records.understanding import understand
from yes_tally.standins import SEED
from yes_tally.standins.office import TROUBLES, office

# What the latest sealed visit of a PC gets: a no to an expectation that begins so,
NOES = {
    "nq-drw-03": "must licence.expires_at", "nq-tkt-01": "must licence.channel", "nq-acc-05": "must licence.state",
    "nq-tkt-05": "must every volume where kind is fixed: free", "nq-dsp-05": "must os.build", "nq-drw-02": "must os.build",
    "nq-acc-01": "must no account where admin", "gp-wks-02": "must no software", "nq-crw-06": "must every adapter",
    "nq-acc-03": "must every firewall",
}  # fmt: skip
# a finding of cross-checks,
FINDINGS = {
    "nq-tkt-03": {"modules alike"},
    "nq-crw-04": {"modules and installed memory", "set up and oldest trace", "refurbished"},
}
# or an id that another PC has shown.
CROSSINGS = {
    "nq-acc-02": ("swapped", "gp-wks-01"), "gp-wks-01": ("swapped", "nq-acc-02"), "nq-dsp-04": ("two places", "nq-dsp-02"),
}  # fmt: skip
ELSEWHERE = {"gp-hbr-02", "gp-hbr-01"}


class TheScenario(unittest.TestCase):
    def setUp(self):
        copy_of_demo()
        self.enterContext(using())

    def latest(self, host):
        asset = Asset.get(Asset.host == host)
        query = Visit.select().where((Visit.asset == asset) & (Visit.state == "sealed"))
        return understand(query.order_by(Visit.taken_at.desc()).first())

    def test_every_trouble_is_looked_for(self):
        self.assertEqual(set(NOES) | set(FINDINGS) | set(CROSSINGS) | ELSEWHERE, set(TROUBLES))

    def test_what_is_not_as_expected(self):
        for host, expectation in NOES.items():
            with self.subTest(host):
                noes = [" ".join(a.expectation.split()) for a in self.latest(host).answers if a.verdict == "no"]
                self.assertTrue(any(text.startswith(expectation) for text in noes), noes)

    def test_what_does_not_go_together(self):
        for host, checks in FINDINGS.items():
            with self.subTest(host):
                self.assertEqual({f.check for f in self.latest(host).findings}, checks)
        pc = next(pc for pc in office(SEED, datetime(2026, 3, 2)) if pc.host == "gp-hbr-01")
        self.assertEqual([f.check for f in cross_check(told_of(pc, parts_book()))], ["one MAC, two addresses"])

    def test_what_another_pc_has_shown(self):
        for host, (meaning, other) in CROSSINGS.items():
            with self.subTest(host):
                found = [(c.meaning, c.says) for c in self.latest(host).crossings]
                self.assertTrue(any(m == meaning and other in says for m, says in found), found)

    def test_a_pc_is_accused_of_nothing_else(self):
        for row in floor():
            if row.visited_at and row.asset.host not in {*FINDINGS, *CROSSINGS, "nq-dsp-02"}:
                with self.subTest(row.asset.host):
                    told = self.latest(row.asset.host)
                    self.assertEqual(([f.says for f in told.findings], [c.says for c in told.crossings]), ([], []))

    def test_names_that_point_elsewhere_and_pcs_that_are_not_known(self):
        kinds = {}
        for visit in visits.open_visits():
            told = understand(visit)
            host = told.book.single("host.name")
            kinds[str(host.value.value) if host else ""] = (told.identity.kind, told.identity.reason)
        self.assertEqual(kinds["nq-dsp-05"][0], "candidates")
        self.assertIn("the host name differs", kinds["nq-dsp-05"][1])
        self.assertEqual(kinds["gp-kio-01"][0], "new")
        self.assertEqual(kinds[""][0], "unsaid")
        self.assertEqual([row.asset.host for row in floor() if row.visited_at is None], ["gp-wks-03"])
        refused = [a for a in self.latest("nq-acc-04").answers if a.verdict == "unsaid"]
        self.assertTrue(refused and all("needs administrator rights" in a.why for a in refused))
