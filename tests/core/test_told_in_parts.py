"""Lines that tell much at once: pairs within pairs, rows of bare words, items stated whole, heads that touch."""

import unittest

from yes_tally.core.reading.reader import read

GIB = 2**30


def said(text, command=""):
    first = reversed([r for r in read(text.encode(), command).readings if r.shape != "prompt"])
    return {(r.fact, r.item): r.value.value for r in first}


class BareWords(unittest.TestCase):
    def test_the_first_is_the_name_and_each_other_one_tells_by_its_form(self):
        told = said("Disk 0: Basalt NV1000, 931.51 GB, NVMe, healthy\nDisk 1: Shale 500, SATA, 500 GB, failing\n")
        self.assertEqual(told[("disk.model", "disk#1")], "Basalt NV1000")
        self.assertEqual(told[("disk.bus", "disk#1")], "NVMe")
        self.assertEqual(told[("disk.health", "disk#2")], "failing")
        self.assertEqual(told[("disk.number", "disk#2")], "1")

    def test_many_blanks_between_the_words_of_a_part_are_no_harm(self):
        told = said("Disk 0: Basalt NV1000, serial    BNV-1, SATA,  healthy\n")
        self.assertEqual(told[("disk.serial", "disk#1")], "BNV-1")

    def test_a_word_that_means_nothing_keeps_its_value(self):
        told = said("Drive 0  Basalt SX240   health: OK   written  2.1 TB\n")
        self.assertNotIn(("disk.size", "disk#1"), told)
        self.assertEqual(told[("disk.health", "disk#1")], "good")

    def test_numbers_with_a_decimal_comma_stay_whole(self):
        told = said("Partição 1: EFI, 100,5 MB\nPartição 2: dados, 223,1 GB\nVersão: 1,5\n")
        self.assertEqual(told[("partition.kind", "partition#2")], "dados")
        self.assertAlmostEqual(told[("partition.size", "partition#2")] / 1e9, 223.1, delta=17)

    def test_words_without_a_form_tell_nothing(self):
        self.assertEqual(said("Disk 0: mauve, glad, of good cheer\n").get(("disk.media", "disk#1")), None)


class PairsWithin(unittest.TestCase):
    def test_a_pair_may_go_on_with_another(self):
        told = said("Firmware mode: UEFI, Secure boot: off\n")
        self.assertEqual((told[("firmware.mode", None)], told[("firmware.secure_boot", None)]), ("uefi", False))

    def test_labels_and_values_at_slashes(self):
        told = said("Processor\n  Name: Kestrel K5\n  Cores / Threads: 6 / 12\n")
        self.assertEqual(
            (told[("processor.cores", "processor#1")], told[("processor.threads", "processor#1")]), (6, 12)
        )

    def test_a_date_is_no_slashed_pair(self):
        told = said("Edition: Desk Pro\nInstall date: 14/06/2021\n")
        self.assertEqual(told[("os.installed_at", None)], "2021-06-14")

    def test_a_heading_completes_the_label_under_it(self):
        self.assertEqual(said('{"tpm": {"present": true, "specVersion": "2.0"}}')[("security.tpm", None)], "2.0")


class StatedWhole(unittest.TestCase):
    def test_mounts_routes_neighbours_and_adapters(self):
        told = said(
            "/dev/kda on / type hfx2 (rw,relatime)\n"
            "default via 10.20.0.1 dev eth0 metric 100 \n"
            "10.20.0.0/24 dev eth0 proto kernel scope link \n"
            "10.20.0.7 dev eth0 lladdr 3c:5a:b4:00:00:07 STALE \n"
            "10.20.0.8 dev eth0 FAILED\n"
            "eth0  UP  10.20.0.62/24 fd00::2/64 \n"
        )
        self.assertEqual(told[("volume.filesystem", "volume#1")], "hfx2")
        self.assertEqual(told[("route.gateway", "route#1")], "10.20.0.1")
        self.assertEqual(told[("route.metric", "route#1")], 100)
        self.assertEqual(told[("neighbour.kind", "neighbour#1")], "dynamic")
        self.assertEqual(told[("adapter.ipv4", "adapter#1")], ("10.20.0.62",))
        self.assertEqual(told[("adapter.ipv6", "adapter#1")], ("fd00::2",))
        self.assertNotIn(("route.interface", "route#3"), told)

    def test_addresses_of_one_name_are_one_look_up(self):
        told = said("keys.skerry.example has address 203.0.113.88\nkeys.skerry.example has address 203.0.113.89\n")
        self.assertEqual(told[("lookup.address", "lookup#1")], ("203.0.113.88", "203.0.113.89"))


class Columns(unittest.TestCase):
    def test_numbers_wider_than_their_head(self):
        told = said(
            "               total        used        free\n"
            "Mem:     25276514304   515772416 24612790272\n"
            "Swap:     4294967296           0  4294967296\n"
        )
        self.assertEqual(told[("memory.usable", None)], 25276514304)
        self.assertEqual(told[("page_file.size", "page_file#1")], 4 * GIB)

    def test_heads_that_touch_and_sizes_counted_in_blocks(self):
        told = said(
            "State  Recv-Q Local Address:Port Peer Address:PortProcess\n"
            "LISTEN 0            0.0.0.0:2024      0.0.0.0:*   \n"
            "LISTEN 0          127.0.0.1:8107      0.0.0.0:*   \n"
        )
        self.assertEqual(told[("connection.local", "connection#2")], "127.0.0.1:8107")
        self.assertNotIn(("connection.pid", "connection#2"), told)  # what waits in a queue is no process
        told = said(
            "Filesystem 1K-blocks  Used Available Use% Mounted on\n/dev/kda    1048576  1024    524288   1% /\n"
        )
        self.assertEqual((told[("volume.size", "volume#1")], told[("volume.free", "volume#1")]), (GIB, GIB // 2))

    def test_a_total_that_no_modules_add_up_to_is_what_the_system_sees(self):
        self.assertIn(("memory.usable", None), said("Total memory: 23 GiB\n"))
        self.assertIn(("memory.installed", None), said("Total memory: 24 GiB\n"))

    def test_many_rows_are_never_facts_of_the_pc_itself(self):
        rows = "".join(f"Thing {n}   {n}.0\n" for n in range(5))
        self.assertNotIn("os.name", {fact for fact, _ in said(f"Name      Version\n{rows}")})

    def test_a_table_under_a_numbered_disk_lists_its_parts(self):
        told = said(
            "Disk 3 (Basalt, 447.1 GB, GPT)\n #   Kind   Start     Size\n --- ------ --------- ---------\n 1   EFI    1.0 MiB   260 MiB\n"
        )
        self.assertEqual((told[("partition.disk", "partition#1")], told[("disk.layout", "disk#1")]), ("3", "gpt"))


class OddLines(unittest.TestCase):
    def test_closing_marks_in_any_number_are_passed_over_at_once(self):
        for line in ("]" * 79 + "x", "})" * 39 + "!", "</a>" * 19 + "x", "a  " * 6000):
            self.assertEqual(said(f"{line}\n{line}\n"), {})

    def test_cells_beyond_number_under_a_heading_of_events_are_passed_over(self):
        said("Events\n" + "a  " * 6000 + "\n" + "b  " * 6000 + "\n")


class Titles(unittest.TestCase):
    def test_a_title_names_the_host_and_a_tag_is_no_host(self):
        self.assertEqual(said("Report of NQ-DSP-01\nBuild: 1.2.3\n")[("host.name", None)], "NQ-DSP-01")
        told = said("Papers for LSF-0217\nBuild: 1.2.3\n")
        self.assertNotIn(("host.name", None), told)
