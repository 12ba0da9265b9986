"""The parts book: found by what was printed, written by people, in and out as a file, learnt from records."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from bench.troubles import parts_book
from yes_tally.core.parts.book import COLUMNS, EMPTY, PROPERTIES, Part, PartsBook, has_form
from yes_tally.core.parts.csv_file import look_at, to_csv
from yes_tally.core.parts.learning import Met, suggestions
from yes_tally.core.parts.writing import NotAPart, part_of

GIB = 2**30


class Finding(unittest.TestCase):
    book = parts_book()

    def test_a_part_is_found_in_what_was_printed_around_its_name(self):
        for kind, printed, number in (
            ("processor", "Kestrel(R) K5-8420 CPU @ 3.20GHz", "Kestrel K5-8420"),
            ("processor", "KESTREL  k5-8420", "Kestrel K5-8420"),
            ("disk", "Basalt NV500 SSD", "Basalt NV500"),
            ("module", "SK08-D4-2666    ", "SK08-D4-2666"),
            ("machine", "Skiff 14 /renewed", "Skiff 14"),
            ("maker", "Veldt & Rowe Ltd.", "Veldt & Rowe"),
        ):
            with self.subTest(printed):
                self.assertEqual(self.book.find(kind, printed).number, number)

    def test_a_part_of_a_word_or_another_kind_is_not_it(self):
        for kind, printed in (
            ("processor", "Kestrel K5-84201"), ("processor", "K5-8420"), ("disk", "Basalt NV5000"),
            ("module", "Kestrel K5-8420"), ("machine", ""), ("machine", "Skiff"),
        ):  # fmt: skip
            with self.subTest(printed):
                self.assertIsNone(self.book.find(kind, printed))

    def test_the_longest_of_several_is_meant(self):
        book = PartsBook([Part("machine", "Skiff 14"), Part("machine", "Skiff 14 Plus")])
        self.assertEqual(book.find("machine", "Skiff 14 Plus /renewed").number, "Skiff 14 Plus")

    def test_an_edition_is_its_content_in_any_order(self):
        self.assertEqual(PartsBook(self.book.parts[::-1]).edition, self.book.edition)
        self.assertNotEqual(PartsBook(self.book.parts[1:]).edition, self.book.edition)
        self.assertEqual(EMPTY.edition, "")


class Writing(unittest.TestCase):
    def test_values_are_understood_in_the_catalogue_s_units(self):
        part = part_of({"kind": "module", "number": "SK16-D4-3200", "size": "16 GB", "speed": "3200", "type": "ddr4"})
        self.assertEqual({name: value.value for name, value in part.says.items()},
                         {"size": 16 * GIB, "speed": 3200, "type": "DDR4"})  # fmt: skip
        self.assertEqual(part_of({"kind": "PC model", "number": "x", "limit": "64 GB"}).says["limit"].value, 64 * GIB)
        self.assertEqual(part_of({"kind": "processor", "number": "x", "clock": "3.2 GHz"}).says["clock"].value, 3.2e9)

    def test_what_is_no_part_is_said_in_words(self):
        for written, said in (
            ({}, "it has no kind"),
            ({"kind": "modul", "number": "x"}, "did you mean module"),
            ({"kind": "zzz", "number": "x"}, "kinds are module"),
            ({"kind": "module"}, "it has no number"),
            ({"kind": "module", "number": "x", "cores": "4"}, "a memory module has no cores"),
            ({"kind": "module", "number": "x", "size": "large"}, "“large” is no size; it is written such as 16 GB"),
            ({"kind": "module", "number": "x", "pins": "many"}, "“many” is no pins"),
            ({"kind": "module", "number": "x", "type": "DDR9"}, "one of DDR, DDR2"),
            ({"kind": "module", "number": "x" * 999}, "its number is longer than 200"),
        ):
            with self.subTest(said), self.assertRaisesRegex(NotAPart, said):
                part_of(written)

    @given(st.dictionaries(st.sampled_from(COLUMNS), st.text(max_size=30), max_size=8))
    def test_anything_written_is_a_part_or_refused(self, written):
        try:
            part = part_of(written)
        except NotAPart as error:
            self.assertTrue(str(error))
        else:
            self.assertLessEqual(set(part.says), set(PROPERTIES[part.kind]))

    def test_a_serial_has_a_form_or_not(self):
        for serial, form, fits in (
            ("CR5-12345-KD", "CR#-#####-@@", True), ("cr5-12345-kd", "CR#-#####-@@", True),
            ("CR5-1234-KD", "CR#-#####-@@", False), ("CRX-12345-KD", "CR#-#####-@@", False),
            ("anything", "*", True), ("ab", "a?", True), ("a+b", "a+b", True), ("aab", "a+b", False),
            ("a" * 60 + "b", "*" * 60, True),
        ):  # fmt: skip
            with self.subTest(serial=serial, form=form):
                self.assertEqual(has_form(serial, form), fits)


class Files(unittest.TestCase):
    book = parts_book()

    def test_what_goes_out_comes_back_the_same(self):
        looked = look_at(to_csv(self.book), self.book)
        self.assertEqual((len(looked.of_fate("same")), looked.troubles), (len(self.book.parts), ()))
        self.assertEqual(len(look_at(to_csv(self.book), EMPTY).of_fate("new")), len(self.book.parts))

    def test_a_spreadsheet_s_marks_and_a_byte_order_mark_are_no_matter(self):
        for text in ("kind;number;size\nmodule;A;8 GB\n", "\ufeffKind\tNumber\tSize\r\nmodule\tA\t8 GB\r\n",
                     'kind,number,note\nmodule,A,"two\nlines"\n'):  # fmt: skip
            with self.subTest(text):
                looked = look_at(text, EMPTY)
                self.assertEqual(([line.part.number for line in looked.lines], looked.troubles), (["A"], ()))

    def test_a_change_is_shown_beside_what_it_follows(self):
        looked = look_at("kind,number,size\ndisk,basalt nv500,600 GB\ndisk,New One,1 TB\n", self.book)
        (changed,), (new,) = looked.of_fate("changed"), looked.of_fate("new")
        self.assertEqual((changed.known.printed["size"], changed.part.printed["size"]), ("500 GB", "600 GB"))
        self.assertEqual((new.part.number, new.known), ("New One", None))

    def test_every_trouble_is_told_with_its_line(self):
        for text, line, said in (
            ("", 1, "there is nothing in this file"),
            ("number,size\nA,8 GB\n", 1, "no column kind"),
            ("kind,number,seize\nmodule,A,8\n", 1, "did you mean size"),
            ("kind,number,number\nmodule,A,B\n", 1, "stands twice"),
            ("kind,number,size\nmodule,A,8 GB\nmodule,a,16 GB\n", 3, "stands on line 2 already"),
            ("kind,number\nmodule,A,B,C\n", 2, "it has 4 cells, but the heading has 2"),
            ("kind,number\nmodule,A\n\nmodul,B\n", 4, "did you mean module"),
            ("kind,number\n" + "module,A\n" * 20_001, 20_001, "at most 20000"),
        ):
            with self.subTest(said):
                trouble = look_at(text, EMPTY).troubles[0]
                self.assertEqual(trouble.line, line)
                self.assertIn(said, trouble.message)

    @given(st.text(max_size=300))
    def test_any_text_is_looked_at(self, text):
        looked = look_at(text, self.book)
        self.assertTrue(looked.lines or looked.troubles or "kind" in text)

    def test_a_field_without_end_is_told(self):
        self.assertTrue(look_at('kind,number\nmodule,"' + "x" * 200_000, EMPTY).troubles)


class Learning(unittest.TestCase):
    def test_what_records_agree_on_is_suggested_and_what_they_do_not_is_left_open(self):
        met = [
            Met("module", "DN16-D5-4800", {"module.size": "16 GB", "module.speed": "4800 MT/s", "module.type": "DDR5"}),
            Met("module", "dn16-d5-4800", {"module.size": "16 GB", "module.maker": "Dunlin"}),
            Met("disk", "Basalt NV1000", {"disk.size": "1 TB"}),
            Met("disk", "Basalt NV1000", {"disk.size": "2 TB"}),
            Met("disk", "Basalt NV500", {"disk.size": "2 TB"}),
        ]
        first, second = suggestions(met, parts_book())
        self.assertEqual((second.written["number"], second.met, second.open), ("DN16-D5-4800", 2, ()))
        self.assertEqual((second.written["speed"], second.written["maker"]), ("4800", "Dunlin"))
        self.assertEqual((first.written, first.open), ({"kind": "disk", "number": "Basalt NV1000"}, ("size",)))
        self.assertEqual(part_of(second.written).says["size"].value, 16 * GIB)
