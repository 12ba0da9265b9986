"""What to ask an asset: its sheet, and of it the quickest commands that its expectations need."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Literal

from yes_tally.core.expecting.needs import facts_needed
from yes_tally.core.planning.ask_plan import AskPlan, Known, finish_of, plan
from yes_tally.records.assets import place_of
from yes_tally.records.models import AskSheet, Asset, Visit, VisitAnswer
from yes_tally.records.sheets import Experience, experience, known_commands, sheet_named, sheets
from yes_tally.records.specs import specs_of
from yes_tally.records.store import Refused, writing
from yes_tally.records.understanding import Understanding, understand

Extent = Literal["sheet", "expected", "unsaid"]
"""The whole sheet; what the asset's expectations need; what its latest visit leaves unsaid of them."""
MAX_ADDRESS = 255


@dataclass(frozen=True, slots=True)
class Asking:
    """What is to be asked of an asset."""

    asset: Asset
    sheet: str
    plan: AskPlan


def give_address(asset: Asset, address: str, port: int, sheet: str) -> None:
    """Say where an asset is reached and which sheet its system answers. Raises ``Refused``, ``NotThere``."""
    plain = address.strip()
    if len(plain) > MAX_ADDRESS or any(c.isspace() for c in plain):
        raise Refused("an address is a name or an IP address, without spaces")
    if not 1 <= port <= 65535:
        raise Refused("a port is between 1 and 65535")
    if sheet:
        sheet_named(sheet)
    with writing():
        Asset.update(address=plain, port=port, sheet=sheet).where(Asset.id == asset.id).execute()


def askings(assets: Sequence[Asset], extent: Extent, side_by_side: int) -> list[Asking]:
    """What would be asked of each. Raises ``Refused`` when an asset has no sheet."""
    met = experience()
    by_name = {sheet.name: sheet for sheet in sheets()}
    without = [asset.tag for asset in assets if asset.sheet not in by_name]
    if without:
        raise Refused(f"it is not said which ask sheet {', '.join(without[:5])} answers; give it one first")
    made: dict[tuple[str, tuple[tuple[str, frozenset[str]], ...]], AskPlan] = {}
    found = []
    for asset in assets:
        needs = _needs(asset, extent)
        key = (asset.sheet, tuple(sorted(needs.items(), key=lambda need: need[0])))
        if key not in made:
            made[key] = _plan(by_name[asset.sheet], extent, needs, met, side_by_side)
        found.append(Asking(asset, asset.sheet, made[key]))
    return found


MOST_ASKED = 3


def would_say(asset: Asset, understood: Understanding) -> dict[str, tuple[Known, ...]]:
    """For each expectation that a visit leaves unsaid: the commands of the asset's sheet that are known to tell what
    nothing told of it, those that tell most first, then the quickest."""
    sheet = AskSheet.get_or_none(AskSheet.name == asset.sheet) if asset.sheet else None
    unsaid = {a.expectation for a in understood.answers if a.verdict == "unsaid"}
    if sheet is None or not unsaid:
        return {}
    commands = known_commands(sheet, experience())
    needs = {
        e.text: facts_needed(e.term) for h in understood.held for e in h.published.spec.expectations if e.text in unsaid
    }
    told = {fact.name for fact in understood.book}
    return {text: _telling(commands, facts - told) for text, facts in needs.items()}


def _telling(commands: Sequence[Known], facts: frozenset[str]) -> tuple[Known, ...]:
    telling = [command for command in commands if command.tells & facts]
    return tuple(sorted(telling, key=lambda c: (-len(c.tells & facts), c.seconds, c.typed))[:MOST_ASKED])


def _plan(
    sheet: AskSheet, extent: Extent, needs: Mapping[str, frozenset[str]], met: Mapping[str, Experience], places: int
) -> AskPlan:
    commands = known_commands(sheet, met)
    if extent != "sheet":
        return plan(commands, needs, places)
    ordered = tuple(sorted(commands, key=lambda command: (-command.seconds, command.typed)))
    seconds = [command.seconds for command in ordered]
    return AskPlan(ordered, sum(seconds), finish_of(seconds, places), {})


def _needs(asset: Asset, extent: Extent) -> dict[str, frozenset[str]]:
    if extent == "sheet":
        return {}
    expectations = {
        expectation.text: facts_needed(expectation.term)
        for published in specs_of(place_of(asset))
        for expectation in published.spec.expectations
    }
    if extent == "expected":
        return expectations
    visit = _latest(asset)
    if visit is None:
        return expectations
    if visit.state == "sealed":
        said = VisitAnswer.select(VisitAnswer.expectation).where(
            (VisitAnswer.visit == visit) & (VisitAnswer.verdict == "unsaid")
        )
        unsaid = {row.expectation for row in said}
    else:
        unsaid = {answer.expectation for answer in understand(visit).answers if answer.verdict == "unsaid"}
    return {text: facts for text, facts in expectations.items() if text in unsaid}


def _latest(asset: Asset) -> Visit | None:
    return Visit.select().where(Visit.asset == asset).order_by(Visit.taken_at.desc(), Visit.id.desc()).first()
