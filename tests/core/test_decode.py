"""Any bytes become lines, and every line knows its place in the bytes."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core.reading.text.decode import decode, shown

TEXT = "Größe: 16 GB\nName: nq-tkt-01\n"


class Encodings(unittest.TestCase):
    def test_all_are_known(self):
        for encoding, name in (
            ("utf-8", "utf-8"), ("utf-8-sig", "utf-8-sig"), ("utf-16", "utf-16-le"), ("utf-16-le", "utf-16-le"),
            ("utf-16-be", "utf-16-be"), ("cp1252", "cp1252"), ("cp850", "cp850"),
        ):  # fmt: skip
            found = decode(TEXT.encode(encoding))
            self.assertEqual([line.text for line in found.lines], TEXT.splitlines(), encoding)
            self.assertEqual(found.encoding, name)

    def test_all_line_ends_end_one_line(self):
        for end in ("\n", "\r\n", "\r\r\n", "\f", "\r"):
            self.assertEqual([line.text for line in decode(f"a{end}b{end}".encode()).lines], ["a", "b"], repr(end))

    def test_a_line_points_back_to_its_bytes(self):
        for encoding in ("utf-8", "utf-8-sig", "utf-16", "cp1252"):
            data = TEXT.replace("\n", "\r\n").encode(encoding)
            codec = "utf-16-le" if encoding == "utf-16" else encoding.removesuffix("-sig")
            for line in decode(data).lines:
                self.assertEqual(data[line.start : line.end].decode(codec), line.text)

    def test_what_the_window_showed_is_what_is_read(self):
        self.assertEqual(shown("\x1b[33mDamaged\x1b[0m files"), "Damaged files")
        self.assertEqual(shown("looking 12%\rlooking 100%"), "looking 100%")
        self.assertEqual(shown("N\x08Na\x08am\x08me\x08e: x\x08\x08\x08\x08"), "Nam")
        self.assertEqual(shown("Maker\x1b[5CCorrane\x1b[mX"), "Maker     CorraneX")
        self.assertEqual(shown("\x1b[1mMaker\x1b[0m\x1b[11GCorrane"), "Maker     Corrane")
        self.assertEqual(shown("12 %\x1b[G100 %"), "100 %")
        tabbed = decode(b"a\tb").lines[0]
        self.assertEqual((tabbed.text, tabbed.tabbed), ("a       b", "a\tb"))
        self.assertEqual(shown("nul\x00s"), "nuls")

    def test_no_line_grows_without_bound(self):
        self.assertLess(len(shown("\x1b[999C" * 10_000)), 10_000)
        self.assertEqual(shown("a" * 9_000 + "\x1b[999C" * 100), "a" * 9_000)
        self.assertEqual(shown("a" * 50_000 + "\x08" * 60_000), "")

    @given(st.binary(max_size=3000))
    def test_no_bytes_break_it_and_no_offset_leaves_them(self, data):
        last = 0
        for line in decode(data).lines:
            self.assertLessEqual(last, line.start)
            self.assertLessEqual(line.start, line.end)
            self.assertLessEqual(line.end, len(data))
            last = line.end
