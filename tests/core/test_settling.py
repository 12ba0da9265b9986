"""Readings become facts: sources are witnesses, agreement is overlap, nothing is hidden."""

import unittest
from dataclasses import replace
from datetime import datetime

from tests.stores import stranger
from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.settling.agree import meet
from yes_tally.core.settling.identity import KnownAsset, evidence, identify
from yes_tally.core.settling.settle import settle
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

GIB = 2**30
TODAY = datetime(2026, 3, 2, 9, 0)


def book(*texts):
    return settle([read(text.encode()) for text in texts])


def value(facts, name):
    fact = facts.single(name)
    return fact.value.value if fact else None


def pc(host, seed=0):
    return next(machine for machine in office(seed, TODAY) if machine.host == host)


class Agreement(unittest.TestCase):
    CASES = (
        ("processor.clock", "2.60 GHz", "2592 MHz", True), ("processor.clock", "2.60 GHz", "3.20 GHz", False),
        ("memory.usable", "15.8 GB", "16,211 MB", True), ("memory.usable", "24105 MB", "24684096 kB", True),
        ("memory.installed", "16 GB", "8 GB", False), ("disk.size", "500.1 GB", "500,107,862,016 bytes", True),
        ("disk.size", "465.8 GB", "500,107,862,016 bytes", True), ("os.build", "12.0", "12.0.4417.82", True),
        ("os.build", "12.0.4390", "12.0.4417", False), ("os.name", "Harbour OS", "Harbour OS 12 Desk Pro", True),
        ("processor.name", "Kestrel(R) K5-8420", "Kestrel K5-8420 @ 3.20 GHz", True), ("machine.serial", "VR77", "VR779", False),
        ("machine.serial", "vr77-a", "VR77-A", True), ("host.name", "NQ-ACC-03", "nq-acc-03.lanternsound.example", True),
        ("os.installed_at", "2024-06-14", "2024-06-14 10:22:51", True), ("os.installed_at", "2024-06-14", "2024-06-15", False),
        ("firmware.secure_boot", "on", "enabled", True), ("firmware.secure_boot", "on", "off", False),
    )  # fmt: skip

    def test_is_overlap_with_the_tolerance_of_the_kind_and_goes_both_ways(self):
        for name, a, b, agree in self.CASES:
            first, second = (understand(FACTS[name], text, Locale()) for text in (a, b))
            for x, y in ((first, second), (second, first)):
                self.assertEqual(meet(FACTS[name], x, y) is not None, agree, (name, a, b))

    def test_the_narrower_print_is_kept(self):
        coarse, fine = (understand(FACTS["memory.usable"], t, Locale()) for t in ("15.8 GB", "16,211 MB"))
        shared = meet(FACTS["memory.usable"], coarse, fine)
        self.assertLess(shared.high - shared.low, 2 * 2**20)

    def test_a_doubt_falls_away_when_another_print_settles_it(self):
        open_order = understand(FACTS["os.installed_at"], "03/04/2024", Locale())
        settled = meet(
            FACTS["os.installed_at"], open_order, understand(FACTS["os.installed_at"], "2024-03-04", Locale())
        )
        self.assertEqual((settled.value, settled.others), ("2024-03-04", ()))

    def test_lists_agree_when_one_holds_the_other(self):
        one, both, other = (Value("list", v, v, v) for v in (("10.0.0.1",), ("10.0.0.1", "10.0.0.2"), ("10.0.0.9",)))
        self.assertEqual(meet(FACTS["adapter.dns"], one, both).value, ("10.0.0.1", "10.0.0.2"))
        self.assertIsNone(meet(FACTS["adapter.dns"], both, other))


class Witnesses(unittest.TestCase):
    def test_one_source_is_one_witness_however_often_it_repeats_itself(self):
        facts = book("a@nq-1 > about x\nHost name: nq-1\nSerial number: S1-4\nModel: Brig 10\nComputer name: nq-1\n")
        self.assertEqual(len(facts.single("host.name").witnesses), 1)

    def test_two_commands_are_two_witnesses_with_their_lines(self):
        facts = book("a@nq-1 > about x\nBuild: 12.0.4417.82\na@nq-1 > about y\nOS build: 12.0.4417\n")
        build = facts.single("os.build")
        self.assertEqual([(w.source, w.line) for w in build.witnesses], [("about x", 2), ("about y", 4)])
        self.assertEqual(build.value.value, "12.0.4417.82")
        self.assertFalse(build.disputed)

    def test_a_dispute_keeps_every_side_and_the_majority_stands_first(self):
        facts = book(
            "a@nq-1 > about x\nMemory installed: 16 GB\n", "a@nq-1 > about y\nInstalled memory: 8 GB\n", "a@nq-1 > about z\nRAM installed: 8 GB\n"
        )  # fmt: skip
        memory = facts.single("memory.installed")
        self.assertEqual([(c.value.value, len(c.witnesses)) for c in memory.clusters], [(8 * GIB, 2), (16 * GIB, 1)])

    def test_unsure_readings_do_not_testify(self):
        report = read(b"Host name: nq-1\n")
        unsure = replace(report, readings=tuple(replace(r, confidence=0.4) for r in report.readings))
        self.assertIsNone(settle([unsure]).single("host.name"))


class ItemsAcrossReports(unittest.TestCase):
    def test_are_joined_by_their_key_in_any_order(self):
        facts = book(
            "a@nq-1 > about modules\nSlot  Size   Type\n----  -----  ----\nA1    8 GB   26\nA2    16 GB  26\n",
            "a@nq-1 > about serials\nSlot  Serial    Part number\n----  --------  ------------\nA2    B05B08A1  SK16-D4-3200\nA1    3F10A9C2  SK08-D4-2666\n",
        )
        self.assertEqual(facts.items("module")["module:A2"]["serial"].value.value, "B05B08A1")
        self.assertEqual(facts.items("module")["module:A2"]["size"].value.value, 16 * GIB)
        self.assertEqual(len(facts.items("module")), 2)

    def test_a_drive_is_the_same_with_and_without_its_colon(self):
        facts = book(
            "a@nq-1 > about volumes\nLetter  Label   Size\n------  ------  ------\nC       System  476 GB\nD       Data    931 GB\n",
            "a@nq-1 > look volumes\nVolume C:\n    File system: HFX2\n    Encrypted: yes\nVolume D:\n    File system: HFX2\n    Encrypted: no\n",
        )
        self.assertEqual(len(facts.items("volume")), 2)

    def test_without_a_key_agreement_of_the_rest_decides(self):
        facts = book(
            "a@nq-1 > about disks\nDisk 0\n    Model  Basalt NV500\n    Serial number  B5-7714-QX\n",
            "a@nq-1 > look disks\nModel         Serial number  Media\n------------  -------------  -----\nBasalt NV500  B5-7714-QX     nvme\n",
        )
        self.assertEqual(len(facts.items("disk")), 1)
        self.assertEqual(next(iter(facts.items("disk").values()))["media"].value.value, "nvme")

    def test_two_items_of_one_report_are_never_one(self):
        text = "a@nq-1 > about disks\nModel         Size\n------------  ------\nBasalt NV500  500 GB\nBasalt NV500  500 GB\n"
        self.assertEqual(len(book(text).items("disk")), 2)

    def test_items_keep_their_names_between_visits(self):
        first, second = (set(book(session(pc(host), ENGLISH)).items("module")) for host in ("nq-tkt-01", "nq-tkt-02"))
        self.assertEqual(first & second, {"module:A1", "module:A2", "module:B1", "module:B2"})


class DerivedFacts(unittest.TestCase):
    def test_modules_add_up_and_stand_against_what_a_summary_claims(self):
        memory = book(session(pc("nq-crw-04"), ENGLISH)).single("memory.installed")
        self.assertTrue(memory.disputed)
        self.assertEqual({c.value.value for c in memory.clusters}, {8 * GIB, 16 * GIB})
        self.assertIn("modules added up", " ".join(w.source for w in memory.witnesses))

    def test_free_slots_matching_and_the_slowest_module(self):
        facts = book(session(pc("nq-tkt-03"), ENGLISH))
        self.assertEqual(value(facts, "memory.free_slots"), 2)
        self.assertIs(value(facts, "memory.matched"), False)
        self.assertEqual(value(facts, "memory.running_speed"), 2400)

    def test_what_the_system_sees_gives_an_estimate_of_what_is_fitted(self):
        facts = book("a@nq-1 > about x\nUsable memory: 15.8 GB\n")
        fact = facts.single("memory.installed")
        self.assertEqual((fact.value.value, fact.estimated, fact.derived), (16 * GIB, True, True))
        self.assertIsNone(book("a@nq-1 > x\nUsable memory: 9.1 GB\n").single("memory.installed"))

    def test_edition_share_and_permanence_follow(self):
        facts = book(session(pc("nq-tkt-05"), ENGLISH))
        self.assertEqual(value(facts, "os.edition"), "Desk Pro")
        self.assertIs(value(facts, "licence.permanent"), True)
        share = facts.items("volume")["volume:sys:"]["free_share"]
        self.assertAlmostEqual(share.value.value, 0.041, places=3)
        self.assertTrue(share.derived)

    def test_a_report_s_own_word_goes_before_a_derived_one(self):
        facts = book("a@nq-1 > x\nOperating system: Harbour OS 12 Desk Pro\nEdition: Studio\n")
        self.assertEqual(value(facts, "os.edition"), "Studio")


class Identity(unittest.TestCase):
    def setUp(self):
        self.office = office(0, TODAY)
        self.known = [
            KnownAsset(number, m.tag, m.host, m["machine.serial"], m["machine.uuid"], (m.items["adapter"][0]["mac"],))
            for number, m in enumerate(self.office, 1)
        ]

    def _identify(self, machine):
        return identify(book(session(machine, ENGLISH)), self.known)

    def test_every_pc_is_known_again(self):
        for number, machine in enumerate(self.office, 1):
            found = self._identify(machine)
            self.assertEqual((found.kind, found.candidates[0].asset), ("sure", number), machine.host)
            self.assertIn("serial", found.reason)

    def test_a_name_that_points_elsewhere_is_never_decided_silently(self):
        found = self._identify(self.office[0].but({"host.name": "nq-dsp-05"}))
        self.assertEqual(found.kind, "candidates")
        self.assertIn("host name differs", found.reason)
        self.assertEqual(found.candidates[0].asset, 1)
        self.assertIn("host name", found.candidates[1].agree)

    def test_a_new_pc_is_new_and_one_without_ids_is_unsaid(self):
        self.assertEqual(self._identify(stranger(office(99, TODAY)[0])).kind, "new")
        self.assertEqual(identify(book("Build: 12.0.4417.82\nEdition: Studio\n"), self.known).kind, "unsaid")

    def test_virtual_adapters_do_not_identify(self):
        text = "1: Bridge  <virtual, connected>\n     hw address   02:42:7f:a0:00:01\n     inet         172.28.96.1   netmask 255.255.240.0\n"
        self.assertEqual(evidence(book(text)), {})

    def test_case_and_domain_of_a_host_name_do_not_matter(self):
        text = f"Host name: {self.office[0].host.upper()}.lanternsound.example\nModel: Brig 10\n"
        self.assertEqual(identify(book(text), self.known).candidates[0].asset, 1)


class Exactness(unittest.TestCase):
    def test_exact_values_are_not_widened(self):
        a = exactly("count", 4)
        self.assertEqual(meet(FACTS["memory.slots"], a, exactly("count", 4)).low, 4)
        self.assertIsNone(meet(FACTS["memory.slots"], a, exactly("count", 5)))
