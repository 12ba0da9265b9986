"""How much of what reports state the reader finds, and how much it says that they do not: against the stand-ins' truth."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from bench import held_out, this_machine
from bench.rows import Row
from bench.scoring import Score
from yes_tally.standins.commands import COMMANDS
from yes_tally.standins.mess import Mess, messed
from yes_tally.standins.office import office
from yes_tally.standins.printing import DAY, printed_office
from yes_tally.standins.reports import commands_of, failed_lines, session_lines, truth_of


def _shape(score: Score) -> str:
    """The shape that most of a report is read as."""
    return score.shapes.most_common(1)[0][0] if score.shapes else "nothing"


def over_seeds(seeds: Iterable[int], mess: bool) -> Score:
    """All reports of whole offices."""
    score = Score()
    for seed in seeds:
        for report in printed_office(seed, mess, one_of=OF_EACH):
            score.add(report.data, report.truth)
    return score


def by_command(seeds: Iterable[int]) -> Iterator[tuple[str, Score]]:
    """Each made-up command on its own, clean."""
    scores = {typed: Score() for typed in COMMANDS}
    for seed in seeds:
        for pc in office(seed, DAY)[seed % 36 :: 36]:
            for language in ("en", "de", "fr", "es"):
                for command in commands_of(pc, language):
                    lines = session_lines(pc, [command.typed])
                    data, stands = messed(lines, Mess())
                    scores[command.typed].add(data, truth_of(stands, failed_lines(stands)))
    yield from scores.items()


SEEDS = range(70_000, 70_200)  # used by no test
OF_EACH = 10
"""Every tenth PC of each office, another tenth in each."""
HELD_OUT_SEEDS = range(90_000, 90_005)


def rows() -> list[Row]:
    """Found and wrong: over whole offices with mess, over printers held out, and by language of both."""
    whole, held = over_seeds(SEEDS, mess=True), Score()
    languages: dict[str, Score] = {}
    shapes: dict[str, Score] = {}
    for typed, score in by_command(SEEDS):
        languages.setdefault(COMMANDS[typed].language, Score()).count(score)
        shapes.setdefault(_shape(score), Score()).count(score)
    for name, data, truth in held_out.reports(HELD_OUT_SEEDS):
        one = Score()
        one.add(data, truth)
        held.count(one)
        shapes.setdefault(_shape(one), Score()).count(one)
        languages.setdefault(held_out.PRINTERS[name][0], Score()).count(one)
    found: list[Row] = []
    for name, score in ((f"{len(SEEDS)} offices with mess", whole), ("printers held out", held)):
        found += [
            Row(f"right facts of {score.expected}, {name}; goal 99", score.found_share * 100, "%"),
            Row(f"wrong readings, {name}; at most 0.3", score.wrong_share * 100, "%"),
            Row(f"items apart and together, {name}; goal 99", 100 * score.together / max(1, score.pairs), "%"),
        ]
    found.append(Row("failures named", 100 * whole.failures_found / max(1, whole.failures), "%"))
    found += [
        Row(f"right facts in {name} of {s.expected}; goal 97", s.found_share * 100, "%")
        for name, s in sorted(languages.items())
    ]
    found += [
        Row(f"right facts of {s.expected} as {name}; goal 97", s.found_share * 100, "%")
        for name, s in sorted(shapes.items())
    ]
    machine = Score()
    for score in this_machine.scores().values():
        machine.count(score)
    found += [
        Row(f"right facts of {machine.expected}, this machine; goal 98", machine.found_share * 100, "%"),
        Row("wrong readings, this machine; goal 0", machine.wrong_share * 100, "%"),
    ]
    return found
