"""How the four answers are carried: through and, or, not and the quantifiers, by tables of every case; and how values are said."""

import unittest
from datetime import datetime
from itertools import product

from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.check import check_expectation
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_expectation
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.saying import say, say_scalar, say_span
from yes_tally.core.settling.facts import Cluster, Fact, FactBook, Witness

NOW = datetime(2026, 3, 2)
VISITED = Visited(NOW, NOW)
VERDICTS = ("yes", "no", "unsaid", "disputed")
LIMIT = 4


def fact(name, verdict, item=None):
    """A count that gets this verdict from "at least 4"; ``None`` where it must not be said at all."""
    values = {"yes": [8], "no": [2], "disputed": [8, 2], "unsaid": [Value("count", 4, 2, 8)]}[verdict]
    clusters = []
    for place, value in enumerate(values):
        found = value if isinstance(value, Value) else exactly("count", value)
        clusters.append(Cluster(found, (Witness(f"source {place}", "x", found, "r", 1, 1, 0.9),)))
    return Fact(name, item, tuple(clusters))


def verdict_of(text, *facts):
    return check_expectation(parse_expectation(f"must {text}"), FactBook(facts), VISITED).verdict


class TwoTerms(unittest.TestCase):
    TEXT = f"memory.slots at least {LIMIT}", f"memory.free_slots at least {LIMIT}"

    def asked(self, word, first, second):
        return verdict_of(
            f"{self.TEXT[0]} {word} {self.TEXT[1]}", fact("memory.slots", first), fact("memory.free_slots", second)
        )

    def test_and_is_as_bad_as_its_worse_part(self):
        order = ("no", "disputed", "unsaid", "yes")
        for first, second in product(VERDICTS, repeat=2):
            self.assertEqual(self.asked("and", first, second), min(first, second, key=order.index), (first, second))

    def test_or_is_as_good_as_its_better_part(self):
        order = ("yes", "disputed", "unsaid", "no")
        for first, second in product(VERDICTS, repeat=2):
            self.assertEqual(self.asked("or", first, second), min(first, second, key=order.index), (first, second))

    def test_not_turns_yes_and_no_and_leaves_doubt(self):
        for verdict, expected in (("yes", "no"), ("no", "yes"), ("unsaid", "unsaid"), ("disputed", "disputed")):
            self.assertEqual(verdict_of(f"not {self.TEXT[0]}", fact("memory.slots", verdict)), expected)

    def test_what_nothing_said_is_unsaid(self):
        self.assertEqual(verdict_of(self.TEXT[0]), "unsaid")
        self.assertEqual(verdict_of(f"not {self.TEXT[0]}"), "unsaid")

    def test_de_morgan_holds(self):
        for first, second in product(VERDICTS, repeat=2):
            facts = fact("memory.slots", first), fact("memory.free_slots", second)
            inside = verdict_of(f"not ({self.TEXT[0]} and {self.TEXT[1]})", *facts)
            outside = verdict_of(f"not {self.TEXT[0]} or not {self.TEXT[1]}", *facts)
            self.assertEqual(inside, outside, (first, second))


class Quantifiers(unittest.TestCase):
    def asked(self, quantifier, *verdicts):
        return verdict_of(
            f"{quantifier} processor: cores at least {LIMIT}",
            *(fact("processor.cores", v, f"processor:{n}") for n, v in enumerate(verdicts)),
        )

    def test_every_is_as_bad_as_its_worst(self):
        order = ("no", "disputed", "unsaid", "yes")
        for verdicts in product(VERDICTS, repeat=3):
            self.assertEqual(self.asked("every", *verdicts), min(verdicts, key=order.index), verdicts)

    def test_some_is_as_good_as_its_best(self):
        order = ("yes", "disputed", "unsaid", "no")
        for verdicts in product(VERDICTS, repeat=3):
            self.assertEqual(self.asked("some", *verdicts), min(verdicts, key=order.index), verdicts)

    def test_no_is_the_opposite_of_some(self):
        opposite = {"yes": "no", "no": "yes", "unsaid": "unsaid", "disputed": "disputed"}
        for verdicts in product(VERDICTS, repeat=2):
            self.assertEqual(self.asked("no", *verdicts), opposite[self.asked("some", *verdicts)], verdicts)

    def test_none_at_all_is_unsaid_for_each(self):
        for quantifier in ("every", "some", "no"):
            self.assertEqual(self.asked(quantifier), "unsaid")

    def test_an_item_that_may_not_be_meant_leaves_doubt_unless_it_cannot_matter(self):
        def asked(quantifier, meant, then):
            facts = fact("processor.threads", meant, "processor:0"), fact("processor.cores", then, "processor:0")
            return verdict_of(f"{quantifier} processor where threads at least {LIMIT}: cores at least {LIMIT}", *facts)

        for meant, then, every, some in (
            ("yes", "yes", "yes", "yes"), ("yes", "no", "no", "no"), ("no", "no", "yes", "no"), ("no", "yes", "yes", "no"),
            ("unsaid", "yes", "yes", "unsaid"), ("unsaid", "no", "unsaid", "no"), ("disputed", "no", "disputed", "no"),
        ):  # fmt: skip
            self.assertEqual((asked("every", meant, then), asked("some", meant, then)), (every, some), (meant, then))

    def test_a_count_in_doubt_is_a_range(self):
        def asked(text, *meant):
            return verdict_of(text, *(fact("processor.threads", v, f"processor:{n}") for n, v in enumerate(meant)))

        counted = f"count of processor where threads at least {LIMIT}"
        self.assertEqual(asked(f"{counted} at least 2", "yes", "yes", "unsaid"), "yes")
        self.assertEqual(asked(f"{counted} at least 3", "yes", "yes", "unsaid"), "unsaid")
        self.assertEqual(asked(f"{counted} at least 4", "yes", "yes", "unsaid"), "no")
        self.assertEqual(asked(f"{counted} is 2", "yes", "yes", "no"), "yes")


class Saying(unittest.TestCase):
    CASES = (
        ("memory.installed", 16 * 2**30, "16 GB"), ("memory.usable", 16965120819, "15.8 GB"), ("disk.size", 500107862016, "500.1 GB"),
        ("disk.size", 1_000_204_886_016, "1 TB"), ("processor.cache_l2", 1536 * 1024, "1.5 MB"), ("processor.clock", 3_200_000_000, "3.2 GHz"),
        ("adapter.speed", 10**9, "1 Gbit/s"), ("module.speed", 2666, "2666 MT/s"), ("volume.free_share", 0.041, "4.1 %"),
        ("firmware.secure_boot", True, "yes"), ("os.installed_at", "2024-06-14T10:22:51", "2024-06-14 10:22:51"), ("memory.slots", 4, "4"),
        ("adapter.dns", ("10.20.0.53", "10.20.1.53"), "10.20.0.53, 10.20.1.53"), ("licence.grace", 1728000, "20 days"), ("volume.size", 999, "999 B"),
    )  # fmt: skip

    def test_values_are_said_in_one_way(self):
        for name, value, words in self.CASES:
            self.assertEqual(say(FACTS[name], exactly(FACTS[name].kind, value)), words, name)

    def test_differences_keep_their_unit_and_sign(self):
        self.assertEqual(say_scalar(FACTS["memory.installed"], 8 * 2**30), "8 GB")
        self.assertEqual(say_scalar(FACTS["processor.clock"], -700_000_000), "-700 MHz")

    def test_spans_take_their_largest_fitting_unit(self):
        for seconds, words in (
            (0, "0 seconds"),
            (1, "1 second"),
            (90, "1.5 minutes"),
            (7200, "2 hours"),
            (86400, "1 day"),
            (3421440, "39.6 days"),
        ):
            self.assertEqual(say_span(seconds), words)
