"""Rows that no head names the columns of, under what says of which kind they are: parted by any mark, counted or not."""

import itertools
import unittest

from tests.core.readings import told

# Kind: the command, and the fields with what two rows print.
ROWS = {
    "disk": ("disks", {"model": ("Basalt NV1000", "Shale 1T"), "size": ("931.51 GB", "465.76 GB"), "bus": ("NVMe", "SATA"), "serial": ("BNV1K0044127", "SH1T-00427"), "health": ("good", "warning")}),
    "module": ("memory", {"slot": ("A1", "B1"), "size": ("8 GB", "16 GB"), "type": ("DDR4", "DDR4"), "speed": ("2666 MT/s", "3200 MT/s"), "maker": ("Siskin", "Ottery"), "part": ("SK08-D4-2666", "OT16-D4-3200")}),
    "adapter": ("adapters", {"name": ("Wickerlink GbE 210", "Ternwave AX 20"), "mac": ("3c:5a:b4:10:77:e2", "3c:5a:b4:10:77:e3"), "ipv4": ("10.20.1.41", "10.20.8.77"), "speed": ("1 Gbit/s", "866 Mbit/s"), "connected": ("up", "down")}),
    "graphics": ("graphics", {"name": ("Opaline RX 400", "Palefire FX 40"), "memory": ("8 GB", "512 MB"), "driver_version": ("31.0.101.2111", "30.0.15.7"), "state": ("working", "disabled")}),
    "display": ("displays", {"name": ("Cassel U27q", "Veldt V24"), "width": ("2560 x 1440", "1920 x 1080"), "serial": ("CU27-118820", "VV24-090112")}),
    "driver": ("drivers", {"name": ("wickgbe", "oldscan"), "version": ("3.1.20.0", "0.9.1"), "provider": ("Wickerlink", "Basalt"), "dated": ("2024-03-18", "2009-05-14")}),
    "software": ("programs", {"name": ("Quaymaster", "Bollard Agent"), "version": ("4.2.1", "1.18"), "maker": ("Quaymaster Works", "Bollard"), "installed_at": ("2024-06-20", "2024-06-14")}),
    "process": ("processes", {"pid": ("2204", "480"), "name": ("quaymaster.exe", "bollard-agent"), "user": ("LSF\\tquill", "LSF\\svc-desk"), "memory": ("903,448 K", "44,012 K")}),
    "connection": ("connections", {"protocol": ("tcp", "udp"), "local": ("10.20.0.62:50114", "0.0.0.0:6021"), "remote": ("10.20.0.12:7443", "10.20.0.9:53"), "state": ("established", "closing"), "pid": ("2204", "312")}),
    "neighbour": ("neighbours", {"address": ("10.20.0.1", "10.20.0.12"), "mac": ("00:1b:44:11:3a:b7", "00:1b:44:11:3a:c0"), "kind": ("dynamic", "static")}),
    "processor": ("processors", {"name": ("Kestrel K7-9700", "Kestrel K7-9650"), "cores": ("8 cores", "6 cores"), "threads": ("16 threads", "12 threads"), "clock": ("3.60 GHz", "3.20 GHz")}),
}  # fmt: skip
MARKS = {"gap": None, "tab": "\t", "comma": ", ", "bar": " | ", "semicolon": "; ", "slash": " / ", "dot": " · "}
NUMBERS = {"plain": "", "dot": "{}. ", "brackets": "[{}] ", "dash": "- ", "indent": "   "}


def written(fields, mark, number):
    """The two rows, their cells parted by a mark, each behind its number."""
    rows = [[printed[at] for printed in fields.values()] for at in (0, 1)]
    wide = [max(map(len, column)) for column in zip(*rows, strict=True)]
    body = [
        mark.join(row) if mark else "  ".join(cell.ljust(width) for cell, width in zip(row, wide, strict=True)).rstrip()
        for row in rows
    ]
    return "".join(f"{number.format(at)}{line}\n" for at, line in enumerate(body, 1))


class RowsByColumns(unittest.TestCase):
    def test_each_cell_is_told_of_its_row(self):
        for kind, (command, fields) in ROWS.items():
            for (mark, by), (number, form) in itertools.product(MARKS.items(), NUMBERS.items()):
                with self.subTest(kind=kind, mark=mark, number=number):
                    text = f"nq-acc-07> {command}\n{written(fields, by, form)}"
                    found = told(text)
                    for field in fields:
                        self.assertIn(f"{kind}#1.{field}", found, text)
                        self.assertIn(f"{kind}#2.{field}", found, text)
                    self.assertNotIn(f"{kind}#3.{next(iter(fields))}", found, text)

    def test_titles_say_it_as_commands_do(self):
        for kind, (command, fields) in ROWS.items():
            body = written(fields, " | ", "")
            indented = "".join(f"  {line}\n" for line in body.splitlines())
            for title in (
                f"{command.title()}\n\n{body}",
                f"=== {command.title()} ===\n{body}",
                f"{command.title()}:\n{indented}",
            ):
                with self.subTest(kind=kind, title=title.partition("\n")[0]):
                    found = told(title)
                    self.assertEqual({key.partition("#")[0] for key in found}, {kind})

    def test_what_is_blank_in_one_row_is_not_told_of_it(self):
        found = told(
            "a-1> connections\ntcp   10.20.0.62:50114   10.20.0.12:7443   established   2204\nudp   0.0.0.0:6021       *:*                              312\n"
        )
        self.assertEqual((found["connection#1.state"], found["connection#2.pid"]), ("established", "312"))
        self.assertNotIn("connection#2.state", found)

    def test_of_two_texts_that_may_be_the_same_neither_is_told(self):
        found = told("a-1> programs\nQuaymaster | red | 4.2.1 | left\nBollard | green | 1.18 | right\n")
        self.assertNotIn("software#1.maker", found)

    def test_an_address_first_is_no_card(self):
        found = told("a-1> adapters\n10.20.0.1 | 00:1b:44:11:3a:b7 | learned\n10.20.0.12 | 00:1b:44:11:3a:c0 | fixed\n")
        self.assertFalse([key for key in found if key.endswith(".name") and key.startswith("adapter")])

    def test_other_things_in_rows_are_not_told(self):
        for rows in ("red | green | blue\none | two | three\n", "1 | 2 | 3\n4 | 5 | 6\n", "a, b, c\nd, e, f\n"):
            for command in ("connections", "routes", "neighbours", "volumes"):
                with self.subTest(command=command, rows=rows):
                    found = told(f"a-1> {command}\n{rows}")
                    self.assertEqual([key for key in found if "#" in key], [])
