"""Records headed by a number, a name, or both: each thing is one item of its own, under any form of heading."""

import unittest

from tests.core.readings import told

# What is asked for, the noun, and of two things the name and what is said of it.
THINGS = {
    "disk": ("disks", "Disk", "model", ("Basalt NV1000", "Shoal HD4"), ("Size", ("931.5 GB", "3.6 TB")), "size"),
    "account": ("accounts", "Account", "name", ("icalloway", "tquill"), ("Enabled", ("yes", "no")), "enabled"),
    "display": ("screens", "Screen", "name", ("Aldine V2780", "Aldine V2210"), ("Serial", ("ALD9K31107", "ALD9K31108")), "serial"),
    "adapter": ("adapters", "Adapter", "name", ("Wickerlink GbE 210", "Ternwave AX 20"), ("MAC", ("3c-5a-b4-10-01-18", "3c-5a-b4-10-01-19")), "mac"),
    "graphics": ("graphics", "Card", "name", ("Palefire FX 40", "Kestrel Graphics 630"), ("Memory", ("8192 MB", "128 MB")), "memory"),
    "processor": ("processors", "Processor", "name", ("Kestrel K5-8420", "Kestrel K7-9640"), ("Cores", ("6", "8")), "cores"),
}  # fmt: skip
HEADS = (
    "{noun} {n} ({name})",
    "[{n}] {name}",
    "{n}) {name}",
    "{name}",
    "-- {name} --",
    "{noun} {n}: {name}",
    "{noun} {n}   {name}",
)
# Nouns and numbers before a name, however they are parted from it; accounts are not called so.
NUMBERED = (
    "{noun} {n} {name}", "[{noun} {n}] {name}", "[{noun} no. {n}] {name}", "<{noun} {n}> {name}", "{noun} {n} | {name}",
    "{noun} {n} = {name}", "{noun}[{n}] {name}", "({n}) {noun} {name}",
)  # fmt: skip
PAIRS = (
    "    {label}: {value}",
    "    {label} .......... {value}",
    "    {label}          {value}",
    "    {label} = {value}",
)


class HeadedRecords(unittest.TestCase):
    def test_each_is_called_what_its_heading_says(self):
        for group, (command, noun, naming, names, (label, values), field) in THINGS.items():
            for head in HEADS:
                for pair in PAIRS:
                    for between in ("", "\n"):
                        text = between.join(
                            f"{head.format(noun=noun, n=n, name=name)}\n{pair.format(label=label, value=value)}\n"
                            f"{pair.format(label='Remark', value='none so far')}\n"
                            for n, (name, value) in enumerate(zip(names, values, strict=True), 1)
                        )
                        with self.subTest(group=group, head=head, pair=pair, between=between):
                            found = told(f"gp-1> {command}\n\n{text}")
                            called = [found.get(f"{group}#{n}.{naming}") for n in (1, 2)]
                            self.assertEqual(called, list(names))
                            self.assertNotIn(f"{group}#3.{naming}", found)
                            self.assertNotEqual(found[f"{group}#1.{field}"], found[f"{group}#2.{field}"])

    def test_names_stand_behind_nouns_and_numbers(self):
        for group, (command, noun, naming, names, (label, values), field) in THINGS.items():
            for head in NUMBERED if group != "account" else ():
                for pair in PAIRS:
                    text = "".join(
                        f"{head.format(noun=noun, n=n, name=name)}\n{pair.format(label=label, value=value)}\n"
                        f"{pair.format(label='Remark', value='none so far')}\n"
                        for n, (name, value) in enumerate(zip(names, values, strict=True), 1)
                    )
                    with self.subTest(group=group, head=head, pair=pair):
                        found = told(f"gp-1> {command}\n\n{text}")
                        self.assertEqual([found.get(f"{group}#{n}.{naming}") for n in (1, 2)], list(names), text)
                        self.assertNotEqual(found[f"{group}#1.{field}"], found[f"{group}#2.{field}"])

    def test_screens_hang_on_a_cards_outputs(self):
        for output in ("output", "HDMI", "Ausgang", "port"):
            found = told(
                f"gp-1> gfx\n\nAdapter 0   Larkspur L40 Pro\n   memory     8,192 MB\n   {output} 0   Brightwater BW27Q, 2560 x 1440\n"
                f"   {output} 1   nothing attached\n"
            )
            self.assertEqual(found["graphics#1.name"], "Larkspur L40 Pro")
            self.assertEqual((found["display#1.name"], found["display#1.width"]), ("Brightwater BW27Q", 2560))
            self.assertNotIn("display#2.name", found)

    def test_what_a_pc_has_one_of_is_not_told_by_each_record_of_a_list(self):
        found = told(
            "gp-1> xq\n\nPennant Reader\n    Version: 8.3.1\n    Maker: Pennant\nTideline Ledger\n    Version: 4.2.7\n    Maker: Tideline\n"
        )
        self.assertFalse([key for key in found if key.startswith(("board", "machine"))])

    def test_a_head_is_no_name_and_what_printers_are_called_no_tag(self):
        found = told("gp-1> xq\n\nVariable   Value\nTEMP       C:\\Tmp\nEDITOR     plume\n")
        self.assertNotIn("Value", found.values())
        found = told(
            "gp-1> xq\n\n 6. PRINTERS\n    Hall ........... Inkwell M22, 10.44.5.40\n    Asset tag ...... Strip-O-Matic, USB001\n"
        )
        self.assertNotIn("machine.tag", found)

    def test_what_stands_in_brackets_may_be_no_name(self):
        for aside in ("empty", "unused", "working", "size: 3 TB"):
            with self.subTest(aside):
                found = told(
                    f"gp-1> disks\n\nDisk 0 ({aside})\n    Serial: BNV1-7720\nDisk 1 ({aside})\n    Serial: SHD4-003\n"
                )
                self.assertNotIn("disk#1.model", found)


if __name__ == "__main__":
    unittest.main()
