"""Lists whose lines begin with a noun of anything and a number, or with one label for all; and lists of names alone."""

import unittest

from tests.core.readings import assert_things_told, told

KINDS = {
    "sound": ("sound", "name", [("Holdfast Audio HD", {"state": ("in use", "in use")}), ("Oriel Panel audio", {"state": ("disabled", "disabled")})]),
    "graphics": ("graphics", "name", [("Palefire FX 40", {"driver_version": ("driver 31.0.15.4417", "31.0.15.4417")}), ("Loamgate Base 2", {"driver_version": ("driver 10.0.4417.1", "10.0.4417.1")})]),
    "printer": ("printers", "name", [("Counter laser", {"port": ("port USB001", "USB001"), "driver": ("driver Mossop PCL", "Mossop PCL")}), ("Label maker", {"port": ("port LPT1:", "LPT1:"), "driver": ("driver Mossop Label", "Mossop Label")})]),
    "disk": ("disks", "model", [("Basalt NV1000", {"bus": ("NVMe", "NVMe")}), ("Shale 2T", {"bus": ("SATA", "SATA")})]),
    "battery": ("batteries", "name", [("Holdfast HB-5520", {"cycles": ("412 cycles", 412)}), ("Holdfast HB-5521", {"cycles": ("88 cycles", 88)})]),
}  # fmt: skip
HEADS = ("Device {}: ", "Device {}  ", "Card {}: ", "Item {}: ", "Unit #{}: ", "Gerät {}: ", "Périphérique {} : ", "Dispositivo {}: ", "Urządzenie {}: ", "Name: ", "Model: ")  # fmt: skip
JOINTS = (", ", " - ", " | ", "   ")
NO_LISTS = (
    "Device 0: Name=Opaline RX 400; Memory=8 GB\nDevice 1: Name=Palefire FX 40; Memory=4 GB\n",
    "Name: Opaline RX 400\nMemory: 8 GB\n",
)
NO_NAMES = (
    "- none\n- none\n",
    "- check the cables.\n- then ask again.\n",
    "- Name\n- Driver\n",
    "1. Counter laser\nsomething else is said here\n",
    "- " + "x" * 50_000 + "\n- " + "y " * 50_000 + "\n",
    "1. \n2. \n",
)


class ListNouns(unittest.TestCase):
    def test_the_noun_is_no_part_of_what_is_listed(self):
        for kind, (command, naming, things) in KINDS.items():
            for head in HEADS:
                for joint in JOINTS:
                    lines = [
                        head.format(at) + joint.join([name, *(words for words, _ in said.values())])
                        for at, (name, said) in enumerate(things)
                    ]
                    with self.subTest(kind=kind, head=head, joint=joint):
                        text = f"nq-1> {command}\n" + "\n".join(lines) + "\n"
                        assert_things_told(self, text, kind, naming, things)

    def test_names_alone(self):
        for kind, (command, naming, things) in KINDS.items():
            for head in (*HEADS, "{}. ", "- "):
                with self.subTest(kind=kind, head=head):
                    lines = [head.format(at) + name for at, (name, _) in enumerate(things)]
                    found = told(f"nq-1> {command}\n" + "\n".join(lines) + f"\n\n2 {command}\n")
                    names = [found.get(f"{kind}#{n}.{naming}") for n in (1, 2)]
                    self.assertEqual(names, [name for name, _ in things])

    def test_what_is_no_such_list_stays_as_it_is(self):
        for text in NO_LISTS:
            with self.subTest(text):
                found = told(f"nq-1> graphics\n{text}")
                self.assertNotIn("Device", str(found))
                self.assertIn("Opaline RX 400", found.values())

    def test_what_names_nothing(self):
        for text in NO_NAMES:
            with self.subTest(text[:40]):
                self.assertEqual(
                    [key for key in told(f"nq-1> printers\n{text}") if key.endswith(".name") and "#" in key], []
                )
