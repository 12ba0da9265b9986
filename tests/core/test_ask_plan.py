"""Ask plans: the optimum, against trying everything; what cannot be answered is named."""

import unittest
from itertools import combinations

from hypothesis import given, settings
from hypothesis import strategies as st

from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.needs import facts_needed
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.planning.ask_plan import FOLLOWS, STEP_SECONDS, Known, finish_of, plan

FACT_NAMES = ("os.build", "os.name", "host.name", "disk.size", "disk.model", "account.name", "volume.free", "update.id")
some_facts = st.frozensets(st.sampled_from(FACT_NAMES), max_size=5)


def cost(chosen):
    return sum(c.seconds + STEP_SECONDS for c in chosen)


def by_trying_everything(commands, facts):
    """The least cost of any set of commands that tells all facts; ``None`` when there is none."""
    found = [
        cost(some)
        for count in range(len(commands) + 1)
        for some in combinations(commands, count)
        if facts <= frozenset().union(*(c.tells for c in some))
    ]
    return min(found, default=None)


class Plans(unittest.TestCase):
    @settings(max_examples=150, deadline=None)
    @given(
        tells=st.lists(st.tuples(some_facts, st.floats(0.1, 9)), min_size=1, max_size=8),
        needs=st.lists(some_facts, max_size=4),
    )
    def test_is_the_optimum(self, tells, needs):
        commands = [Known(f"c{n}", seconds, facts) for n, (facts, seconds) in enumerate(tells)]
        named = {f"need {n}": facts for n, facts in enumerate(needs)}
        found = plan(commands, named)
        tellable = frozenset().union(*(c.tells for c in commands)) | (
            {"os.edition"} if any("os.name" in c.tells for c in commands) else set()
        )
        wanted = frozenset().union(*(facts for facts in needs if facts <= tellable))
        self.assertEqual(set(found.unanswered), {name for name, facts in named.items() if not facts <= tellable})
        self.assertAlmostEqual(cost(found.commands), by_trying_everything(commands, wanted), places=6)
        self.assertEqual(sorted(found.commands, key=lambda c: -c.seconds), list(found.commands))

    def test_one_command_that_tells_all_beats_three_small_ones_only_when_quicker(self):
        small = [Known("a", 1, frozenset({"os.build"})), Known("b", 1, frozenset({"disk.size"}))]
        needs = {"x": frozenset({"os.build"}), "y": frozenset({"disk.size"})}
        quick = Known("all", 1.5, frozenset({"os.build", "disk.size"}))
        self.assertEqual([c.typed for c in plan([*small, quick], needs).commands], ["all"])
        slow = Known("all", 5, quick.tells)
        self.assertEqual([c.typed for c in plan([*small, slow], needs).commands], ["a", "b"])

    def test_what_nothing_tells_is_named_and_the_rest_is_still_planned(self):
        found = plan(
            [Known("a", 1, frozenset({"os.build"}))],
            {"x": frozenset({"os.build"}), "y": frozenset({"os.build", "security.tpm"})},
        )
        self.assertEqual(found.unanswered, {"y": frozenset({"security.tpm"})})
        self.assertEqual([c.typed for c in found.commands], ["a"])

    def test_facts_that_follow_need_not_be_printed(self):
        modules = Known("modules", 1, frozenset({"module.size", "module.type", "module.speed"}))
        slots = Known("slots", 1, frozenset({"memory.slots"}))
        needs = {"memory": frozenset({"memory.installed"}), "free": frozenset({"memory.free_slots"})}
        self.assertEqual({c.typed for c in plan([modules, slots], needs).commands}, {"modules", "slots"})
        self.assertEqual(plan([slots], needs).unanswered["memory"], {"memory.installed"})
        for fact, parts in FOLLOWS:
            self.assertTrue({fact, *parts} <= set(FACTS))

    def test_nothing_needed_is_nothing_asked(self):
        self.assertEqual(plan([Known("a", 1, frozenset({"os.build"}))], {}).commands, ())
        self.assertEqual(plan([], {"x": frozenset({"os.build"})}).unanswered, {"x": {"os.build"}})

    def test_the_finish_is_that_of_the_places(self):
        self.assertEqual(finish_of([4, 3, 2, 1], 1), 10)
        self.assertEqual(finish_of([4, 3, 2, 1], 2), 5)
        self.assertEqual(finish_of([4, 3, 2, 1], 9), 4)
        self.assertEqual(finish_of([], 3), 0)


class Needs(unittest.TestCase):
    def needed(self, line):
        return facts_needed(parse_spec(f'spec "x"\n{line}\n').expectations[0].term)

    def test_every_fact_that_a_term_speaks_of_is_needed(self):
        cases = {
            "must memory.installed at least 16 GB": {"memory.installed"},
            "must every volume where kind is fixed: free at least 15% of size": {"volume.kind", "volume.free", "volume.size"},
            "must no software where name like \"MagnetPull*\"": {"software.name"},
            "must count of module at least 1": {"module.slot"},
            "should same speed across module": {"module.speed"},
            "must os.edition is Studio or os.build at least 12": {"os.edition", "os.build"},
            "must visit.age at most 30 days": set(),
        }  # fmt: skip
        for line, facts in cases.items():
            with self.subTest(line):
                self.assertEqual(self.needed(line), facts)


if __name__ == "__main__":
    unittest.main()
