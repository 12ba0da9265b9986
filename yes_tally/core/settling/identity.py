"""Which asset a visit is of: serial, board id, MACs, host name and tag vote, and every vote is told in words."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from typing import Literal

from yes_tally.core.settling.facts import FactBook
from yes_tally.core.words import plain

WEIGHTS = {"serial": 5.0, "uuid": 5.0, "board": 4.0, "mac": 3.0, "tag": 3.0, "host": 2.5}
NAMES = {
    "serial": "serial", "uuid": "machine id", "board": "board serial", "mac": "MAC", "tag": "tag", "host": "host name",
}  # fmt: skip
SURE = 2.5


@dataclass(frozen=True, slots=True)
class KnownAsset:
    """What the office knows an asset by."""

    id: int
    tag: str
    host: str = ""
    serial: str = ""
    uuid: str = ""
    board: str = ""
    macs: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Candidate:
    """An asset that the visit may be of, its weight, and what speaks for and against it."""

    asset: int
    weight: float
    agree: tuple[str, ...]
    differ: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class Identity:
    """``sure``: one asset; ``candidates``: a person must choose; ``new``: nothing is known of it; ``unsaid``: no id."""

    kind: Literal["sure", "candidates", "new", "unsaid"]
    candidates: tuple[Candidate, ...]
    reason: str


@dataclass(slots=True)
class _Evidence:
    values: dict[str, set[str]] = field(default_factory=dict)

    def add(self, kind: str, value: object) -> None:
        self.values.setdefault(kind, set()).add(comparable_id(kind, str(value)))


def evidence(book: FactBook) -> dict[str, frozenset[str]]:
    """What a visit says of who it is, by kind of evidence; virtual adapters and loopbacks do not count."""
    found = _Evidence()
    for kind, name in (
        ("serial", "machine.serial"),
        ("uuid", "machine.uuid"),
        ("board", "board.serial"),
        ("tag", "machine.tag"),
        ("host", "host.name"),
    ):
        fact = book.single(name)
        for cluster in fact.standing if fact else ():
            found.add(kind, cluster.value.value)
    for fields in book.items("adapter").values():
        kind_of = fields.get("kind")
        if "mac" in fields and not (kind_of and kind_of.value.value in ("virtual", "loopback")):
            found.add("mac", fields["mac"].value.value)
    return {kind: frozenset(values) for kind, values in found.values.items()}


def identify(book: FactBook, known: Iterable[KnownAsset]) -> Identity:
    """Match a visit's evidence against the office's assets."""
    said = evidence(book)
    if not said:
        return Identity("unsaid", (), "nothing in these reports says which PC it is")
    candidates = sorted((c for asset in known if (c := _weigh(said, asset))), key=lambda c: -c.weight)
    if not candidates:
        return Identity("new", (), f"{_list([NAMES[kind] for kind in said])} not met before")
    best = candidates[0]
    rival = candidates[1].weight if len(candidates) > 1 else 0.0
    if best.weight >= SURE and not best.differ and rival < best.weight / 2:
        return Identity(
            "sure", tuple(candidates[:5]), f"{_list(best.agree)} {'agree' if len(best.agree) > 1 else 'agrees'}"
        )
    return Identity("candidates", tuple(candidates[:5]), _doubt(best, rival))


def _doubt(best: Candidate, rival: float) -> str:
    if best.differ:
        return f"{_list(best.agree)} point to one asset, but the {_list(best.differ)} differs"
    return "more than one asset fits" if rival else f"only the {_list(best.agree)} agrees"


def _weigh(said: dict[str, frozenset[str]], asset: KnownAsset) -> Candidate | None:
    own = {
        "serial": [asset.serial], "uuid": [asset.uuid], "board": [asset.board], "tag": [asset.tag], "host": [asset.host], "mac": list(asset.macs),
    }  # fmt: skip
    weight, agree, differ = 0.0, [], []
    for kind, values in said.items():
        known = {comparable_id(kind, value) for value in own[kind] if value}
        met = known & values
        if met:
            weight += WEIGHTS[kind] * min(2, len(met))
            agree.append(f"{len(met)} MACs" if len(met) > 1 else NAMES[kind])
        elif known and kind != "mac":
            differ.append(NAMES[kind])
    if not agree:
        return None
    return Candidate(asset.id, weight, tuple(agree), tuple(differ))


def comparable_id(kind: str, value: str) -> str:
    """An id as it is compared: its case and the gaps around it aside; a host name without its domain."""
    text = plain(value)
    return text.split(".")[0] if kind == "host" else text


def _list(words: Sequence[str]) -> str:
    return words[0] if len(words) == 1 else f"{', '.join(words[:-1])} and {words[-1]}"
