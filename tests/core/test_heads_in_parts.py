"""Heads that tell of a thing in parts, over pairs that may be known or not."""

import unittest

from tests.core.readings import told

# Of each kind its noun, the field that names it, two things with what their heads tell, and one known label below.
_KINDS = {
    "disk": ("Disk", "model", (("Basalt NV1000", "NVMe", "931.5 GB"), ("Shale 2T", "SATA", "1863 GB")), "bus", ("NVMe", "SATA"), ("Firmware", "firmware")),
    "processor": ("CPU", "name", (("Kestrel K5-8420", "6 cores", "3.2 GHz"), ("Kestrel K7-9600", "8 cores", "3.8 GHz")), "cores", (6, 8), ("Stepping", "stepping")),
    "adapter": ("Adapter", "name", (("Wickerlink GbE 210", "wired", "3c:5a:b4:10:77:e2"), ("Ternwave AX 20", "wireless", "3c:5a:b4:10:77:e3")), "kind", ("wired", "wireless"), ("Connection", "connection")),
    "graphics": ("Graphics", "name", (("Lumenor G4 2060", "6 GB", "driver 31.0.15.2206"), ("Palefire FX 40", "4 GB", "driver 27.20.1")), "driver_version", ("31.0.15.2206", "27.20.1"), ("Maker", "maker")),
}  # fmt: skip
_HEADS = (
    "{noun} {i}, {name}, {a}, {b}", "{noun} {i}: {name} ({a}, {b})", "{noun} {i} - {name}, {a}, {b}", "[{noun} {i}] {name}, {a}, {b}",
    "{noun} {i} | {name} | {a} | {b}", "{noun} {i}   {name}   {a}   {b}", "== {noun} {i}: {name}, {a}, {b} ==",
)  # fmt: skip
_UNDER_COMMAND = ("{name}, {a}, {b}", "[{i}] {name}, {a}, {b}", "{name} ({a}, {b})")
_PAIRS = ("   {:<20}{}", "   {}: {}", "   {} ........ {}")
_COMMANDS = {"disk": "disks", "processor": "cpu", "adapter": "adapters", "graphics": "graphics"}


class HeadsInParts(unittest.TestCase):
    def _holds(self, kind, command, head, pair, *, known):
        noun, naming, things, field, says, (label, below) = _KINDS[kind]
        lines = [f"nq-a # {command}"]
        for i, (name, a, b) in enumerate(things):
            lines.append(head.format(noun=noun, i=i, name=name, a=a, b=b))
            lines += [pair.format(label, f"SX{i}")] if known else []
            lines += [pair.format("Temperature", f"4{i} C"), pair.format("Oddity", f"{i} quirks"), ""]
        with self.subTest(kind=kind, head=head, pair=pair, known=known):
            found = told("\n".join(lines))
            self.assertEqual([found.get(f"{kind}#{n}.{naming}") for n in (1, 2, 3)], [things[0][0], things[1][0], None])
            self.assertEqual([found.get(f"{kind}#{n}.{field}") for n in (1, 2)], list(says))
            if known:
                self.assertEqual([found.get(f"{kind}#{n}.{below}") for n in (1, 2)], ["SX0", "SX1"])

    def test_heads_that_name_their_kind(self):
        for kind in _KINDS:
            for head in _HEADS:
                for pair in _PAIRS:
                    for known in (True, False):
                        self._holds(kind, "look", head, pair, known=known)

    def test_heads_by_name_where_the_command_says_what_they_are(self):
        for kind in ("disk", "processor", "adapter"):
            for head in _UNDER_COMMAND:
                for pair in _PAIRS:
                    self._holds(kind, _COMMANDS[kind], head, pair, known=True)

    def test_what_memory_is_in_a_socket(self):
        for head in (
            "Slot {}, 8 GB, DDR4, 2666 MT/s",
            "Slot {}: 8 GB, DDR4, 2666 MT/s",
            "Slot {}   8 GB   DDR4   2666 MT/s",
        ):
            with self.subTest(head):
                found = told(
                    "\n".join(
                        (
                            "nq-a # look",
                            head.format("A1"),
                            "   Maker: Siskin",
                            "",
                            head.format("B1"),
                            "   Maker: Siskin",
                        )
                    )
                )
                self.assertEqual([found.get(f"module#{n}.slot") for n in (1, 2)], ["A1", "B1"])
                self.assertEqual([found.get(f"module#{n}.maker") for n in (1, 2)], ["Siskin", "Siskin"])
                self.assertNotIn("machine.maker", found)

    def test_a_head_of_columns_stays_one(self):
        found = told(
            "nq-a # look\nDisk 0, Basalt NV1000, NVMe\n   Volume   Size\n   C:       464 GB\n   D:       201 GB\n"
        )
        self.assertEqual([found.get(f"volume#{n}.mount") for n in (1, 2)], ["C:", "D:"])


if __name__ == "__main__":
    unittest.main()
