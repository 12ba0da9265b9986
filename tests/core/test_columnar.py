"""Verdicts for many assets at once are those that ``check`` gives one by one, whatever is told and asked."""

import unittest
from datetime import timedelta
from functools import lru_cache
from importlib.resources import files

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from bench.troubles import parts_book, random_troubles, told_of
from tests.core.test_expecting import NOW, facts_of
from tests.core.test_language import TERMS, term
from yes_tally.core.expecting.check import check_expectation, weigh_term, with_visit_facts
from yes_tally.core.expecting.columnar import VERDICTS, verdicts
from yes_tally.core.expecting.columns import UNTOLD, Column, Office, Table
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import Expectation
from yes_tally.standins.office import office

MORE = (
    "every volume where kind is fixed: free at least 15% of size", "every volume: free at least 5 GB",
    "some disk: media is one of ssd, nvme", "no account where admin is yes and name is not one of \"svc-desk\", \"svc-patch\"",
    "some software where name like \"Tideline Ledger*\": version at least 4.2", "count of volume where kind is fixed is 2",
    "every adapter where connected is yes: dns within \"10.20.0.53\", \"10.20.1.53\"", "disk.size at least 400 GB",
    "os.installed_at before 2025-06-01", "os.installed_at after today - 400 days", "visit.reports at least 5",
    "every disk: size between 400 GB and 600 GB", "same type across module", "battery.health at least 80%",
    "not some module: speed below 2666", "module.size at least 8 GB", "processor.clock above 3 GHz",
    "some volume: size above 150% of volume.free", "licence.expires_at is 2026-03-02", "processor.cores is 6",
    "every module: running_speed at least 100% of module.speed", "count of module is one of 1, 2",
    "every volume: free at least 5% of disk.size", "some module: size at least 20% of memory.installed",
)  # fmt: skip


def office_of(books):
    """The facts of these books side by side."""

    def column(told):
        distinct = {}
        codes = [UNTOLD if fact is None else distinct.setdefault(values(fact), len(distinct)) for fact in told]
        return Column(np.array(codes, dtype=np.int64), list(distinct))

    def values(fact):
        return tuple(cluster.value for cluster in fact.standing)

    def items(group):
        rows = [(owner, fields) for owner, book in enumerate(books) for fields in book.items(group).values()]
        names = {name for _, fields in rows for name in fields}
        owner = np.array([owner for owner, _ in rows], dtype=np.int64)
        columns = {f"{group}.{name}": column([fields.get(name) for _, fields in rows]) for name in names}
        return Table(group, owner, columns)

    return Office(len(books), lambda name: column([book.single(name) for book in books]), items)


@lru_cache(maxsize=1)
def told():
    """Assets of many kinds: whole ones, troubled ones, disputed ones, nearly silent ones."""
    parts = parts_book()
    books = [told_of(pc, parts) for pc in office(5, NOW)[::5]]
    books += [told_of(troubled.pc, parts) for troubled in random_troubles(6, 4)]
    books += [
        facts_of(text)
        for text in (
            "Host name: nq-x\n", "Installed memory: 15.9 GB\nBuild: 12.0\n", "Disk  Size    Media\n0     500 GB  ssd\n1     1 TB    hdd\n",
            "Volume  Size   Free\nsys:    10 GB  1.5 GB\n", "pc > a\nInstalled memory: 16 GB\n\npc > b\nInstalled memory: 8 GB\n",
        )
    ]  # fmt: skip
    visited = [Visited(NOW, NOW - timedelta(days=11 * n)) for n in range(len(books))]
    books = [with_visit_facts(book, at, n % 7) for n, (book, at) in enumerate(zip(books, visited, strict=True))]
    return books, visited, office_of(books)


class TheSameAsOneByOne(unittest.TestCase):
    def compare(self, tree):
        books, visited, columns = told()
        asked = Expectation("must", tree, "", 1, "")
        one_by_one = [check_expectation(asked, book, at).verdict for book, at in zip(books, visited, strict=True)]
        self.assertEqual([VERDICTS[v] for v in verdicts(tree, columns, NOW)], one_by_one, tree)
        wordless = [weigh_term(tree, book, None, at) for book, at in zip(books, visited, strict=True)]
        self.assertEqual(wordless, one_by_one, tree)

    def test_every_comparison_and_quantifier(self):
        for text in MORE:
            with self.subTest(text):
                self.compare(term(text))

    @given(st.one_of(TERMS, TERMS, st.sampled_from(MORE).map(term)))
    @settings(max_examples=100, deadline=None)
    def test_any_tree(self, tree):
        self.compare(tree)

    def test_the_demo_s_specs(self):
        for entry in (files("yes_tally.standins") / "specs").iterdir():
            for expectation in parse_spec(entry.read_text("utf-8")).expectations:
                with self.subTest(expectation.text):
                    self.compare(expectation.term)

    def test_an_office_without_assets(self):
        for text in MORE:
            with self.subTest(text):
                self.assertEqual(list(verdicts(term(text), office_of([]), NOW)), [])
