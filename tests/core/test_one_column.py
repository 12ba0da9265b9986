"""Tables of one column: a label over what it is of each thing, or of the PC."""

import unittest

from tests.core.readings import told

TABLES = {
    "disks get Model\nModel\nBasalt NV1000\nShale 2T\n": {"disk#1.model": "Basalt NV1000", "disk#2.model": "Shale 2T"},
    "processor get Name\nName\nKestrel K5-8420\n": {"processor#1.name": "Kestrel K5-8420"},
    "bios get SerialNumber\nSerialNumber\n------------\nCRN7K20499\n": {"machine.serial": "CRN7K20499"},
    "machine get Model\nModel\n\nTallow 520 MT\n": {"machine.model": "Tallow 520 MT"},
    "os get BuildNumber\nBuildNumber\n22641\n": {"os.build": "22641"},
    "printers get Name\nName\nCounter laser\nnone\nLabel maker\n": {"printer#1.name": "Counter laser", "printer#2.name": "Label maker"},
}  # fmt: skip
NONE = (
    "disks\nDisks\nBasalt NV1000\nShale 2T\n",
    "disks get Model\nModel\n2 disks\n",
    "machine get Model\nModel\nTallow 520 MT\nTallow 310\n",
    "disks get Model\nModel\nSerial number\n",
    "disks get Model\nModel\nSize: 12 GB\n",
    "os get BuildNumber\nBuildNumber\nThe command did not run as it should.\n",
    "machine get Serial\nSerial\nTo be filled\n",
    "disks get Model\nModel\n" + "\n" * 5000,
)


class OneColumn(unittest.TestCase):
    def test_each_cell_is_what_its_label_says(self):
        for text, expected in TABLES.items():
            with self.subTest(text):
                found = told(f"nq-1> {text}")
                self.assertEqual({key: value for key, value in found.items() if key != "host.name"}, expected)

    def test_what_is_none(self):
        for text in NONE:
            with self.subTest(text[:60]):
                found = told(f"nq-1> {text}")
                self.assertEqual([key for key in found if key.split(".")[-1] in ("model", "build", "serial")], [])
