"""Settling and checking; the checker beside a hand-written loop with the same limits over the same facts."""

from __future__ import annotations

from datetime import datetime
from importlib.resources import files

from bench.rows import Row, best
from yes_tally.core.expecting.check import check, with_visit_facts
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.facts import FactBook
from yes_tally.core.settling.settle import settle
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

SEED = 1_000_003
NOW = datetime(2026, 3, 2)
GIB = 2**30


def by_hand(book: FactBook) -> list[bool]:
    """The counter spec's limits in plain Python: what a colleague would write for this one spec."""
    single = {fact.name: fact.value.value for fact in book if fact.item is None}
    items: dict[str, dict[str, dict[str, object]]] = {}
    for fact in book:
        if fact.item is not None:
            group, _, field = fact.name.partition(".")
            items.setdefault(group, {}).setdefault(fact.item, {})[field] = fact.value.value
    modules = [m for m in items.get("module", {}).values() if m.get("size")]
    volumes = [v for v in items.get("volume", {}).values() if v.get("kind") == "fixed"]
    adapters = [a for a in items.get("adapter", {}).values() if a.get("kind") in ("wired", "wireless")]
    accounts = items.get("account", {}).values()
    software = items.get("software", {}).values()
    return [
        single.get("memory.installed", 0) >= 16 * GIB,
        all(m.get("type") in ("DDR4", "DDR5") for m in modules),
        len({m.get("speed") for m in modules}) == 1,
        any(p.get("cores", 0) >= 4 for p in items.get("processor", {}).values()),
        any(d.get("media") in ("ssd", "nvme") for d in items.get("disk", {}).values()),
        single.get("os.edition") in ("Desk Pro", "Studio"),
        [int(part) for part in str(single.get("os.build", "0")).split(".")] >= [12, 0, 4417],
        single.get("os.architecture") == "x86-64",
        single.get("firmware.secure_boot") is True,
        single.get("licence.channel") == "volume",
        single.get("licence.state") == "active",
        single.get("licence.expires_at") == "never" or str(single.get("licence.expires_at")) > "2026-05-01",
        all(v["free"] >= 0.15 * v["size"] for v in volumes),
        any(str(s["name"]).startswith("Tideline Ledger") and str(s["version"]) >= "4.2" for s in software),
        not any(str(s["name"]).startswith("MagnetPull") for s in software),
        not any(a.get("admin") and a["name"] not in ("svc-desk", "svc-patch") for a in accounts),
        all(f.get("on") for f in items.get("firewall", {}).values()),
        all(set(a.get("dns", ())) <= {"10.20.0.53", "10.20.1.53"} for a in adapters),
    ]


def rows() -> list[Row]:
    """Settling one visit, and checking the office against a spec."""
    reports = [[read(session(pc, (typed,)).encode()) for typed in ENGLISH] for pc in office(SEED, NOW)]
    visited = Visited(NOW, NOW)
    settled = [with_visit_facts(settle(r), visited, len(r)) for r in reports]
    text = (files("yes_tally.standins") / "specs" / "1-counter.spec").read_text("utf-8")
    spec = parse_spec(text)
    assert len(by_hand(settled[0])) == len(spec.expectations)
    checked = best(lambda: [check(spec, book, visited) for book in settled])
    hand = best(lambda: [by_hand(book) for book in settled])
    return [
        Row(f"settle a visit of {len(ENGLISH)} reports", best(lambda: settle(reports[0])) * 1000, "ms"),
        Row(f"check {len(settled)} assets, {len(spec.expectations)} expectations", checked * 1000, "ms", hand * 1000),
        Row("check one asset", checked * 1000 / len(settled), "ms", hand * 1000 / len(settled)),
        Row(f"parse a spec of {len(spec.expectations)} expectations", best(lambda: parse_spec(text)) * 1000, "ms"),
    ]
