"""Archives of reports: what is in them comes out, and a hostile one comes to nothing."""

import io
import unittest
import zipfile
from unittest import mock

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.collecting import unpack as module
from yes_tally.collecting.unpack import NotUnpacked, Unpacked, is_archive, unpack


def archive(files, method=zipfile.ZIP_DEFLATED):
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", method) as target:
        for name, data in files:
            target.writestr(name, data)
    return out.getvalue()


class Archives(unittest.TestCase):
    def test_files_come_out_as_they_went_in(self):
        data = archive(
            [("nq-tkt-01/a.txt", b"host: a\r\n"), ("nq-tkt-01/empty.txt", b""), ("b.txt", "größe".encode("utf-16"))]
        )
        self.assertTrue(is_archive(data))
        self.assertEqual(
            unpack(data), [Unpacked("nq-tkt-01/a.txt", b"host: a\r\n"), Unpacked("b.txt", "größe".encode("utf-16"))]
        )
        self.assertFalse(is_archive(b"host: a"))

    def test_an_empty_one_and_a_broken_one_are_refused_in_words(self):
        for data, why in (
            (archive([]), "no report"),
            (b"PK\x03\x04 nothing", "cannot be opened"),
            (archive([("a", b"x" * 99)])[:-30], "cannot be opened"),
        ):
            with self.subTest(why), self.assertRaisesRegex(NotUnpacked, why):
                unpack(data)

    def test_a_small_archive_that_swells_is_stopped_where_it_swells(self):
        bomb = archive([("bomb.txt", b"\0" * (module.MAX_FILE + 1))])
        self.assertLess(len(bomb), 100_000)
        with self.assertRaisesRegex(NotUnpacked, "bomb.txt.*too large"):
            unpack(bomb)
        many = archive([(f"{n}.txt", b"\0" * 1000) for n in range(20)])
        with mock.patch.object(module, "MAX_TOTAL", 10_000), self.assertRaisesRegex(NotUnpacked, "too large"):
            unpack(many)
        with self.assertRaisesRegex(NotUnpacked, "at most 500"):
            unpack(archive([(f"{n}.txt", b"x") for n in range(501)], zipfile.ZIP_STORED))

    def test_a_lie_about_the_size_is_not_believed(self):
        lying = bytearray(archive([("a.txt", b"y" * 5000)]))
        at = lying.rfind(b"PK\x01\x02")
        lying[at + 24 : at + 28] = (3).to_bytes(4, "little")
        with self.assertRaises(NotUnpacked):
            unpack(bytes(lying))

    @given(st.binary(max_size=300))
    def test_any_bytes_are_taken_or_refused(self, data):
        try:
            unpack(b"PK\x03\x04" + data)
        except NotUnpacked as error:
            self.assertIn("Nothing of it was taken in", str(error))


if __name__ == "__main__":
    unittest.main()
