"""The language of expectations: its canonical text, its answers under finer knowledge, and what can never hold."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from bench.hostile_specs import hostile_specs
from tests.core.test_expecting import VISITED, facts_of
from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.check import check_expectation
from yes_tally.core.expecting.comparisons import TESTS
from yes_tally.core.expecting.contradictions import contradictions, never_holds
from yes_tally.core.expecting.formatting import format_expectation, format_spec
from yes_tally.core.expecting.judge_value import verdict_of
from yes_tally.core.expecting.parse import parse_expectation, parse_spec
from yes_tally.core.expecting.terms import All, Any_, Expectation, Not, Quantified, SpecMistakes
from yes_tally.core.quantity import Value

PLAIN = (
    "memory.installed at least 16 GB", "memory.installed between 8 GB and 64 GB", "os.build at least 12.0.4417",
    "licence.expires_at after today + 60 days", 'os.edition is one of "Desk Pro", "Studio"', "firmware.secure_boot is yes",
    "host.name is known", 'host.name matches "^nq-[a-z]+-\\d\\d$"', 'host.name like "nq-*"', "visit.age at most 30 days",
    "memory.installed at least 2 GB * processor.threads", "machine.form is not laptop", "count of module at most 4",
    "same speed across module", "count of disk where media is ssd at least 1", "licence.state is not one of grace, expired",
)  # fmt: skip
OF_DISK = (
    "size at least 500 GB", "media is one of ssd, nvme", "health is not failing", "unallocated below 5% of size",
    'model matches "NV\\d+"', "number is known",
)  # fmt: skip


def answer_to(line, printed):
    return check_expectation(parse_expectation(line), facts_of(f"{printed}\n"), VISITED)


def term(text):
    return parse_expectation(f"must {text}").term


def of_disk(text):
    return term(f"some disk: {text}").then


def trees(atoms):
    return st.recursive(
        st.sampled_from(atoms),
        lambda part: st.one_of(
            part.map(Not),
            st.lists(part, min_size=2, max_size=3).map(lambda parts: All(tuple(parts))),
            st.lists(part, min_size=2, max_size=3).map(lambda parts: Any_(tuple(parts))),
        ),
        max_leaves=6,
    )


DISKS = trees([of_disk(text) for text in OF_DISK])
QUANTIFIED = st.builds(
    Quantified,
    st.sampled_from(["every", "some", "no"]),
    st.just("disk"),
    st.one_of(st.none(), DISKS),
    st.one_of(st.none(), DISKS),
).filter(lambda tree: tree.then or (tree.where and tree.quantifier != "every"))
TERMS = st.one_of(
    trees([term(text) for text in PLAIN]),
    QUANTIFIED,
    st.tuples(QUANTIFIED, trees([term(text) for text in PLAIN])).map(All),
    st.tuples(trees([term(text) for text in PLAIN]), QUANTIFIED, QUANTIFIED).map(Any_),
)


class Canonical(unittest.TestCase):
    @given(TERMS, st.sampled_from(["must", "should"]), st.sampled_from(["", "a reason, with a comma"]))
    @settings(max_examples=300, deadline=None)
    def test_what_is_printed_parses_to_the_same_tree(self, tree, strength, because):
        if never_holds(tree):
            return
        printed = format_expectation(Expectation(strength, tree, because, 1, ""))
        again = parse_expectation(printed)
        self.assertEqual((again.term, again.strength, again.because), (tree, strength, because), printed)
        self.assertEqual(format_expectation(again), printed)

    def test_symbols_are_printed_as_words(self):
        for symbols, words in (
            ("must memory.installed >= 16 GB", "must   memory.installed at least 16 GB"),
            ("must memory.installed<64 GB", "must   memory.installed below 64 GB"),
            ('should os.edition != "Home"', 'should os.edition is not "Home"'),
            ("must processor.cores=8", "must   processor.cores is 8"),
            ("must (memory.installed <= 64 GB)", "must   memory.installed at most 64 GB"),
        ):
            self.assertEqual(format_expectation(parse_expectation(symbols)), words)

    def test_a_whole_spec(self):
        text = 'spec "All"\nfor role counter, dispatch\nfor site "Gull Point"\n\nmust   host.name is known because "it is asked for"\n'
        self.assertEqual(format_spec(parse_spec(text)), text)


class Finer(unittest.TestCase):
    @given(
        st.sampled_from(["at_least", "at_most", "above", "below", "is", "is_not", "between"]),
        st.lists(st.integers(0, 60), min_size=4, max_size=4),
        st.lists(st.integers(0, 60), min_size=2, max_size=2),
    )
    @settings(max_examples=600, deadline=None)
    def test_a_narrower_range_never_turns_an_answer_round(self, test, ends, limits):
        low, inner_low, inner_high, high = sorted(ends)
        wide = Value("count", inner_low, low, high)
        narrow = Value("count", inner_low, inner_low, inner_high)
        limits = sorted(limits) if test == "between" else limits[:1]
        before = verdict_of(TESTS[test], FACTS["memory.slots"], wide, limits)
        after = verdict_of(TESTS[test], FACTS["memory.slots"], narrow, limits)
        if before in ("yes", "no"):
            self.assertEqual(after, before)


class Answers(unittest.TestCase):
    def test_between_products_and_regular_expressions(self):
        for text, facts, verdict, margin in (
            ("memory.installed between 8 GB and 32 GB", "Installed memory: 16 GB", "yes", "8 GB to spare"),
            ("memory.installed between 32 GB and 64 GB", "Installed memory: 16 GB", "no", "short by 16 GB"),
            ("memory.installed between 4 GB and 8 GB", "Installed memory: 16 GB", "no", "over by 8 GB"),
            ('host.name matches "^NQ-\\w+-\\d+$"', "Host name: nq-tkt-01", "yes", ""),
            ('host.name matches "srv"', "Host name: nq-tkt-01", "no", ""),
            ("memory.installed at least 2 GB * processor.threads", "Installed memory: 16 GB\nProcessor\n  Name: Kestrel K5\n  Threads: 12", "no", "short by 8 GB"),
            ("memory.installed at least 1 GB * processor.threads", "Installed memory: 16 GB\nProcessor\n  Name: Kestrel K5\n  Threads: 12", "yes", "4 GB to spare"),
        ):  # fmt: skip
            with self.subTest(text):
                answer = answer_to(f"must {text}", facts)
                self.assertEqual((answer.verdict, answer.margin), (verdict, margin), answer.why)

    def test_an_expression_that_would_run_away_takes_no_longer_than_others(self):
        answer = answer_to('must host.name matches "^(a+)+$"', f"Host name: {'a' * 60}b")
        self.assertEqual(answer.verdict, "no")


class Mistakes(unittest.TestCase):
    def mistake(self, text):
        with self.assertRaises(SpecMistakes) as caught:
            parse_expectation(text)
        return str(caught.exception)

    def test_what_can_never_hold_is_said_when_it_is_written(self):
        for text in (
            "must memory.installed at least 16 GB and memory.installed below 8 GB",
            "must memory.installed between 16 GB and 8 GB",
            "must os.build between 12.1 and 12.0",
            "must machine.form is laptop and machine.form is tower",
            "must memory.slots above 4 and memory.slots at most 4",
        ):
            self.assertIn("can never hold", self.mistake(text), text)
        parse_expectation("must memory.slots at least 4 and memory.slots at most 4")

    def test_what_cannot_be_below_zero_or_is_not_said(self):
        for line, said in (
            ("must count of module below 0", "nothing is counted so often"),
            ("must count of module at least 1 and count of disk between 5 and 2", "nothing is counted so often"),
            ("must memory.installed below 0 GB", "no room"),
            ("must some disk: size above 2 GB and size below 1 GB", "no room"),
            ("must every disk", "what every disk must be"),
            ("must memory.installed at least " + "9" * 40 + " GB", "larger than any size"),
        ):
            with self.subTest(line), self.assertRaisesRegex(SpecMistakes, said):
                parse_expectation(line)
        parse_expectation("must every disk where size above 2 GB: size below 1 GB")  # true where none is meant

    def test_two_hundred_hostile_specs_are_answered_with_their_place(self):
        texts = hostile_specs()
        self.assertEqual(len(texts), 200)
        broken = 0
        for text in texts:
            try:
                parse_spec(text)
            except SpecMistakes as mistakes:
                broken += 1
                self.assertLessEqual(len(mistakes.errors), 101)
                for error in mistakes.errors:
                    self.assertTrue(error.line >= 1 and error.column >= 1 and error.message, text[:80])
                    self.assertNotIn("__", str(error))
        self.assertGreater(broken, 190)

    def test_after_a_hundred_mistakes_the_rest_is_left_and_that_is_said(self):
        with self.assertRaises(SpecMistakes) as caught:
            parse_spec('spec "S"\n' + "must nothing\n" * 500)
        self.assertEqual((len(caught.exception.errors), caught.exception.errors[-1].line), (101, 102))
        self.assertIn("the rest was not looked at", str(caught.exception))

    def test_regular_expressions(self):
        self.assertIn("missing )", self.mistake('must host.name matches "(a"'))
        self.assertIn("longer than", self.mistake(f'must host.name matches "{"a" * 2000}"'))
        self.assertIn("for texts", self.mistake('must memory.installed matches "1"'))

    def test_products_need_a_quantity_and_a_number(self):
        self.assertIn("no product", self.mistake("must memory.installed at least 2 GB * os.name"))
        self.assertIn("is no unit", self.mistake("must memory.installed at least 2 GHz * processor.threads"))


class Contradictions(unittest.TestCase):
    def specs(self, *bodies):
        return [parse_spec(f'spec "S{n}"\n{body}\n') for n, body in enumerate(bodies)]

    def test_two_specs_that_one_pc_may_have(self):
        first, second = "must memory.installed at least 16 GB", "for role counter\nmust memory.installed at most 8 GB"
        (found,) = contradictions(self.specs(first, second))
        self.assertEqual((found.fact, found.line, found.other_line), ("memory.installed", 2, 3))
        self.assertIn("leave memory.installed no room", str(found))
        self.assertEqual(contradictions(self.specs("for role server\n" + first, second)), [])

    def test_within_one_spec_and_with_words(self):
        (found,) = contradictions(self.specs("must os.edition is Studio\nmust os.edition is one of Desk, Home"))
        self.assertEqual(found.fact, "os.edition")
        self.assertEqual(contradictions(self.specs("must os.edition is Studio\nshould os.edition is Desk")), [])

    def test_ten_thousand_lines_are_compared_in_time(self):
        lines = [f"must memory.installed at least {n} MB" for n in range(5_000)]
        spec = parse_spec("\n".join(['spec "Long"', *lines[:2500]]))
        self.assertEqual(contradictions([spec]), [])
        clashing = parse_spec("\n".join(['spec "Long"', *lines[:2500], "must memory.installed below 1 MB"]))
        self.assertIn("memory.installed below 1 MB", contradictions([clashing])[0].other_text)
