"""What stands under numbers, names, kinds and chapters: told of the right thing, or of nothing."""

import unittest

from hypothesis import example, given, settings
from hypothesis import strategies as st

from yes_tally.core.reading.reader import read


def said(text: str) -> dict[tuple[str, str], object]:
    """The readings of a text by fact and item, the first of each."""
    found: dict[tuple[str, str], object] = {}
    for reading in read(text.encode()).readings:
        if reading.confidence >= 0.5:
            found.setdefault((reading.fact, reading.item or ""), reading.value.value)
    return found


DISKS = """\
gp-mag-02> disks

Disk 0: Basalt NV1000                               931.51 GB
        serial BNV1K0044901, NVMe, SSD, state: good, style GPT
  Partition 1   260 MB      EFI system
  Partition 2   930.25 GB   basic data    C:   SYSTEM   HFX2   37.21 GB free
Disk 1: Shale 1T                                    931.51 GB
        serial none, SATA, HDD 7200 rpm, state: warning
  Partition 1   931.51 GB   primary
"""


class Outlines(unittest.TestCase):
    def test_lines_that_go_on_tell_of_the_thing_above(self):
        told = said(DISKS)
        self.assertEqual(told[("disk.model", "disk#1")], "Basalt NV1000")
        self.assertEqual(told[("disk.serial", "disk#1")], "BNV1K0044901")
        self.assertEqual(told[("disk.health", "disk#2")], "warning")
        self.assertEqual(told[("disk.media", "disk#2")], "hdd")

    def test_what_nobody_filled_in_is_not_said(self):
        self.assertNotIn(("disk.serial", "disk#2"), said(DISKS))

    def test_parts_belong_to_the_disk_above_them(self):
        told = said(DISKS)
        disks = [told[("partition.disk", f"partition#{n}")] for n in (1, 2, 3)]
        self.assertEqual(disks, ["0", "0", "1"])
        self.assertEqual(told[("partition.kind", "partition#1")], "EFI system")
        self.assertEqual(told[("volume.label", "volume#1")], "SYSTEM")

    def test_pairs_below_a_number_are_no_outline(self):
        told = said(
            "Disk 0: Basalt NV1000\n    Serial    B-1\n    Boot disk    yes\nDisk 1: Shale 1T\n    Serial    S-1\n"
        )
        self.assertEqual(told[("disk.model", "disk#1")], "Basalt NV1000")
        self.assertNotIn(("disk.read_only", "disk#1"), told)

    def test_rows_of_numbers_and_pairs_beside(self):
        told = said(
            "nq-a-01> disks\nDisk 0: Kelso NV3   Serial: KV3001   Size: 512 GB\nDisk 1: Kelso NV2   Serial: KV2001   Size: 256 GB\n"
        )
        self.assertEqual([told[("disk.model", f"disk#{n}")] for n in (1, 2)], ["Kelso NV3", "Kelso NV2"])
        self.assertEqual([told[("disk.serial", f"disk#{n}")] for n in (1, 2)], ["KV3001", "KV2001"])

    def test_parts_of_a_disk_whatever_they_are_called(self):
        for noun in ("Part", "Teil", "Slice", "Plak"):
            told = said(
                f"nq-a> disks\nDisk 0   Basalt NV1000   931.51 GB   GPT\n   {noun} 1   EFI     260 MB   FAT32   no letter\n"
                f'   {noun} 2   basic   930.2 GB   NTFX   C:   "System"   encrypted\n   free   1.0 GB\nDisk 1   Siskin R2   1.82 TB   MBR\n'
            )
            with self.subTest(noun):
                self.assertEqual(told[("partition.disk", "partition#2")], "0")
                self.assertEqual(told[("partition.kind", "partition#1")], "EFI")
                self.assertEqual(told[("volume.filesystem", "volume#1")], "NTFX")
                self.assertEqual(told[("volume.label", "volume#1")], "System")
                self.assertEqual(told[("disk.unallocated", "disk#1")], 1 << 30)
                self.assertEqual(told[("disk.model", "disk#2")], "Siskin R2")

    @settings(max_examples=40, deadline=None)
    @given(st.lists(st.tuples(st.integers(0, 6), st.text("Disk 0:P1,—() \t[x].", max_size=30)), max_size=25))
    @example([(0, "\t)\t0")])
    def test_any_indents_and_words_are_read_without_an_error(self, rows):
        text = "\n".join(" " * indent + words for indent, words in [(0, "Disk 0: a   b"), *rows])
        report = read(text.encode())
        self.assertTrue(all(0 < reading.line <= len(report.lines) for reading in report.readings))


class Kinds(unittest.TestCase):
    SHEET = """\
Processor
  Kestrel K5-8420, 6 cores, 12 threads
Memory
  16 GB in 2 of 4 sockets; 15.8 GB usable
  A1: 8 GB DDR4-3200 Siskin SK08-D4-3200 (3F10D001)
  B1: 8 GB DDR4-3200 Siskin SK08-D4-3200 (3F10D002)
Network
  Quayside LAN: Wickerlink GbE 210, 3c:5a:b4:70:00:05, 10.20.0.85/24, up
  Landing air: Ternwave AX 20, 3c:5a:b4:70:00:06, down
"""

    def test_each_kind_is_told_of_under_its_name(self):
        told = said(self.SHEET)
        self.assertEqual(told[("processor.threads", "processor#1")], 12)
        self.assertEqual(told[("memory.usable", "")] // 2**20, 16179)
        self.assertEqual([told[("module.slot", f"module#{n}")] for n in (1, 2)], ["A1", "B1"])
        self.assertEqual(told[("module.serial", "module#2")], "3F10D002")

    def test_what_people_call_a_card_is_no_model(self):
        told = said(self.SHEET)
        self.assertEqual(told[("adapter.connection", "adapter#2")], "Landing air")
        self.assertEqual(told[("adapter.name", "adapter#2")], "Ternwave AX 20")
        self.assertIs(told[("adapter.connected", "adapter#2")], False)

    def test_both_names_of_a_card_before_a_colon(self):
        told = said(
            "nq-a-01> nets\nQuayside LAN (Wickerlink GbE 210): up, 10.20.1.4/24, gw 10.20.1.1\nLanding air (Ternwave AX 20): down\n"
        )
        self.assertEqual(told[("adapter.gateway", "adapter#1")], "10.20.1.1")
        self.assertEqual(told[("adapter.connection", "adapter#2")], "Landing air")


class Chapters(unittest.TestCase):
    def test_numbers_of_chapters_are_no_part_of_labels(self):
        told = said(
            "1   Whole PC\n1.1 Serial no.          CRN7K2\n2   Processor\n2.1 Model               Kestrel K5\n2.2 Cores               6\n"
        )
        self.assertEqual(told[("machine.serial", "")], "CRN7K2")
        self.assertEqual(told[("processor.cores", "processor#1")], 6)

    def test_addresses_are_no_chapters(self):
        told = said(
            "10.20.9.1 dev lan0 lladdr 3c:5a:b4:2b:98:09\n10.20.9.2 dev lan0 lladdr 3c:5a:b4:2b:98:0a\n10.20.9.3 dev lan0 lladdr 3c:5a:b4:2b:98:0b\n"
        )
        self.assertEqual(told[("neighbour.address", "neighbour#3")], "10.20.9.3")

    def test_verdicts_at_the_ends_of_lines_are_no_part_of_values(self):
        told = said(
            "Serial number .... CRN7K2      [ok]\nModel ............ Tallow 520  [ok]\nBuild ............ 12.0.4417   [!!]\n"
        )
        self.assertEqual((told[("machine.serial", "")], told[("os.build", "")]), ("CRN7K2", "12.0.4417"))

    def test_of_two_boxes_the_ticked_one_counts(self):
        told = said("Model          Tallow 520\nSecure Boot    [ ] on  [x] off\nSerial no.     CRN7K2\n")
        self.assertIs(told[("firmware.secure_boot", "")], False)


class Keys(unittest.TestCase):
    def test_keys_of_things_within_things(self):
        told = said(
            "disk.0.model = Basalt NV500\ndisk.0.bytes = 500107862016\ndisk.0.part.1.kind = EFI\ndisk.0.part.1.bytes = 272629760\n"
        )
        self.assertEqual(told[("disk.size", "disk#1")], 500107862016)
        self.assertEqual(told[("partition.size", "partition#1")], 272629760)
        self.assertEqual(told[("partition.disk", "partition#1")], "0")

    def test_sockets_are_keys_too(self):
        told = said(
            "mem.dimm.A1.size_mb = 8192\nmem.dimm.A1.type = DDR4\nmem.dimm.B1.size_mb = 4096\nmem.dimm.B1.type = DDR4\n"
        )
        self.assertEqual([told[("module.slot", f"module#{n}")] for n in (1, 2)], ["A1", "B1"])

    def test_a_system_with_a_maker_and_a_serial_number_is_no_software(self):
        told = said(
            'system.vendor = "Corrane"\nsystem.product_name = "Tallow 520"\nsystem.serial = "CRN7"\nos.name = "Harbour OS 12"\n'
        )
        self.assertEqual(told[("machine.model", "")], "Tallow 520")
        self.assertEqual(told[("os.name", "")], "Harbour OS 12")

    def test_a_section_in_brackets_is_no_list(self):
        told = said(
            '[host]\nname = "gp-msc-04"\n\n[system]\nname = "Harbour OS 12"\nbuild = "12.0.4417.82"\n\n[[disk]]\nnumber = 0\nmodel = "Basalt eM64"\n'
        )
        self.assertEqual(told[("host.name", "")], "gp-msc-04")
        self.assertEqual(told[("disk.model", "disk#1")], "Basalt eM64")

    def test_sizes_are_told_by_their_unit(self):
        told = said('{"dimms": [{"slot": "A1", "gb": 16, "type": "DDR5"}, {"slot": "A2", "gb": 16, "type": "DDR5"}]}')
        self.assertEqual(told[("module.size", "module#2")], 16 * 2**30)


class ToldTwice(unittest.TestCase):
    def test_processors_of_one_kind_of_socket_are_two(self):
        told = said(
            "nq-b$ chips\nPackage .... P0             P1\nBrand ...... Osprey S64     Osprey S64\nSits in .... socket SQ2     socket SQ2\nCores ...... 16             12\nThreads .... 32             24\n"
        )
        self.assertEqual([told[("processor.cores", f"processor#{n}")] for n in (1, 2)], [16, 12])

    def test_one_processor_told_of_by_each_of_its_cores_is_one(self):
        record = "processor : {}\nmodel name : Kestrel K5\nphysical id : 0\ncpu cores : 6\ncpu MHz : 3200\n\n"
        told = said("".join(record.format(n) for n in range(6)))
        self.assertNotIn(("processor.name", "processor#2"), told)

    def test_modules_of_one_size_are_added_up(self):
        self.assertEqual(said("Memory: 2 x 8 GiB\n")[("memory.installed", "")], 16 * 2**30)
        self.assertEqual(said("Installed memory: 2 x 8 GB = 16 GB\n")[("memory.installed", "")], 16 * 2**30)

    def test_two_values_of_one_label(self):
        told = said(
            "nq-a-01> sticks\nsocket    size     kind   speed (set / rated)\nDIMM A1   16 GiB   DDR5   4400 / 4800 MT/s\nDIMM B1   16 GiB   DDR5   4400 / 4800 MT/s\n"
        )
        self.assertEqual((told[("module.running_speed", "module#1")], told[("module.speed", "module#1")]), (4400, 4800))


class OfNothingElse(unittest.TestCase):
    """What looks like something that it is not is told of nothing."""

    def test_services_are_no_tasks(self):
        told = said(
            "nq-a-01> services --running\nName       Start       State     Account\nguardsvc   automatic   running   SYSTEM\ntimer      manual      running   LOCAL\n"
        )
        self.assertEqual({fact for fact, _ in told}, {"host.name"})

    def test_an_account_that_ends_is_no_password_that_does(self):
        told = said(
            "User name            mquay\nAccount active       yes\nAccount expires      never\nPassword required    yes\n"
        )
        self.assertNotIn(("account.password_expires_at", "account#1"), told)

    def test_when_a_process_started_the_pc_did_not(self):
        told = said(
            "Name        : quaymaster\nPID         : 2204\nMemory      : 903,448 K\nStarted     : 2025-02-11 08:02:11\n"
        )
        self.assertNotIn(("host.booted_at", ""), told)

    def test_a_battery_that_is_not_there_has_no_name(self):
        self.assertNotIn(("battery.name", "battery#1"), said("nq-a-01> akku\nakku: kein Akku vorhanden\n"))

    def test_a_measure_is_the_name_of_no_battery(self):
        told = said("nq-a-01> batt\nbattery 1: design 57.0 Wh, full 49.6 Wh (87 %), 412 cycles\n")
        self.assertEqual(told[("battery.design", "battery#1")], 57000)
        self.assertNotIn(("battery.name", "battery#1"), told)

    def test_a_category_and_what_is_in_it_are_no_prompt(self):
        report = read(
            b"nq-a-01 $ audit\nSign-in / Sign-in     success and failure\nSign-in / Sign-out    success\nSystem / Integrity    nothing\n"
        )
        self.assertEqual([section.command for section in report.sections], ["audit"])

    def test_a_name_that_stands_in_one_neighbours_row_is_no_connection(self):
        told = said(
            "nq-a-01> near\n10.20.0.1   3c:5a:b4:00:00:01   learnt   gateway\n10.20.0.9   3c:5a:b4:00:00:09   learnt   plotter\n"
        )
        self.assertNotIn(("neighbour.interface", "neighbour#1"), told)
        again = said(
            "nq-a-01> near\n10.20.0.1   3c:5a:b4:00:00:01   learnt   Quay\n10.20.0.9   3c:5a:b4:00:00:09   learnt   Quay\n"
        )
        self.assertEqual(again[("neighbour.interface", "neighbour#2")], "Quay")


class WideGaps(unittest.TestCase):
    def test_gaps_as_wide_as_a_line_are_read_over(self):
        """Each would take a pattern that tries every blank for ever."""
        for text in ("a{}b", "{}part 1:", "Disk{}0", "a ={}b = c"):
            report = read("\n".join([text.format(" " * 1800)] * 3).encode())
            self.assertEqual(len(report.lines), 3)


class LinesOfTheirOwn(unittest.TestCase):
    def test_a_line_may_begin_with_the_kind_of_thing_it_tells_of(self):
        told = said(
            "nq-a-01> all\nHarbour OS 12 Desk Pro, build 12.0.4417.82, 64 bit\nNetwork card Wickerlink GbE 210, 3c:5a:b4:91:00:01, 10.20.8.1/24, up\nDisk Basalt NV500, 465.8 GB, NVMe, healthy\n"
        )
        self.assertEqual(told[("os.name", "")], "Harbour OS 12 Desk Pro")
        self.assertEqual(told[("adapter.mac", "adapter#1")], "3c:5a:b4:91:00:01")
        self.assertEqual(told[("disk.health", "disk#1")], "good")

    def test_only_a_processor_has_cores_and_only_a_volume_a_letter(self):
        told = said(
            "NQ-A-08 C:\\> kurz\nKestrel K5-8420 · 6 Kerne / 12 Threads · 3,20 GHz\nC: 465,1 GB · 88,7 GB frei · verschlüsselt\n"
        )
        self.assertEqual(
            (told[("processor.name", "processor#1")], told[("processor.threads", "processor#1")]),
            ("Kestrel K5-8420", 12),
        )
        self.assertIs(told[("volume.encrypted", "volume#1")], True)

    def test_what_stands_below_a_numbered_thing_goes_on_with_it(self):
        told = said(
            "Computer\n    Maker       Corrane\n    Serial      CRN7\n    Disk 0      Basalt NV500\n    Size        465.8 GB\n    Health      good\n"
        )
        self.assertEqual((told[("machine.serial", "")], told[("disk.health", "disk#1")]), ("CRN7", "good"))

    def test_how_many_there_are_is_the_name_of_none(self):
        told = said("Network: 1 card\nAccounts: 4, of which 2 are administrators\nMaker: Corrane\n")
        self.assertFalse({"adapter.name", "account.name"} & {fact for fact, _ in told})

    def test_a_command_that_only_speaks_of_itself_failed_whoever_asked_first(self):
        report = read(b"GP-DRW-08 /> drvbook --fix\ndrvbook: --fix was removed\n")
        self.assertEqual(report.sections[0].failure, "failed")


class Moments(unittest.TestCase):
    def test_seconds_since_1970_leave_the_clock_of_the_pc_open(self):
        reading = next(
            r for r in read(b"os.name=Harbour OS 12\nos.installed=1718360571\n").readings if r.fact == "os.installed_at"
        )
        self.assertEqual(reading.value.value, "2024-06-14T10:22:51")
        self.assertLess(reading.value.low, reading.value.value)
        self.assertGreater(reading.value.high, reading.value.value)

    def test_a_lease_that_only_says_until_says_no_beginning(self):
        told = said("adapter | Wickerlink GbE 210\nmac     | 3c:5a:b4:10:a1:11\nlease   | until 2025-02-12 07:31:12\n")
        self.assertEqual(told[("adapter.lease_until", "adapter#1")], "2025-02-12T07:31:12")
        self.assertNotIn(("adapter.lease_from", "adapter#1"), told)

    def test_events_say_below_what_happened(self):
        told = said(
            "nq-a% log\nLe 11/02/2025 à 07:59:03 -- ERREUR (horloge, n° 144)\n    L'horloge retardait.\nLe 11/02/2025 à 08:59:03 -- ERREUR (disque, n° 153)\n    Une reprise.\n"
        )
        self.assertEqual(told[("event.text", "event#1")], "L'horloge retardait.")
        self.assertEqual(told[("event.id", "event#2")], "153")


class Prompts(unittest.TestCase):
    def test_a_colon_ends_a_prompt_where_answers_follow(self):
        report = read(
            b'gp-whs-02: whole machine\n maker     Morvan\n serial    MVH2-78811\n\ngp-whs-02: whole weather\nwords: I know nothing called "weather"\ngp-whs-02: whole system\n build   12.0.4417.95\n'
        )
        self.assertEqual([s.command for s in report.sections], ["whole machine", "whole weather", "whole system"])
        self.assertEqual([s.failure for s in report.sections], [None, "not-found", None])

    def test_a_list_of_hosts_has_no_prompts(self):
        report = read(b"gp-whs-02: checked and well\ngp-whs-03: checked and well\ngp-whs-02: checked again\n")
        self.assertEqual(len(report.sections), 1)

    def test_a_word_in_brackets_may_stand_in_a_prompt(self):
        report = read(
            b"LSF-FS-01 (root) # vols\nC:   SYSTEM   HFX2\nLSF-FS-01 (root) # trim D:\ntrim: D: is in use by another program\n"
        )
        self.assertEqual([s.failure for s in report.sections], [None, "failed"])


if __name__ == "__main__":
    unittest.main()
