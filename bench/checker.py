"""Settling and checking; the checker beside a hand-written loop with the same limits over the same facts."""

from __future__ import annotations

import re
import time
from contextlib import suppress
from datetime import datetime

from bench.rows import Row, best
from yes_tally.core.expecting.check import check, with_visit_facts
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_spec
from yes_tally.core.expecting.terms import SpecMistakes
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.facts import FactBook
from yes_tally.core.settling.settle import settle
from yes_tally.standins.commands import COMMANDS, ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

SEED = 1_000_003
REPORTS = 14
NOW = datetime(2026, 3, 2)
GIB = 2**30

SPEC = """spec "Thirty"
must   memory.installed at least 16 GB
must   every module: type is one of DDR4, DDR5
should same speed across module
must   count of module at most 4
must   some processor: cores at least 4
must   some disk: media is one of ssd, nvme
must   os.edition is one of "Desk Pro", "Studio"
must   os.build at least 12.0.4417
must   os.architecture is x86-64
must   firmware.secure_boot is yes
must   licence.channel is volume and licence.state is active
should licence.expires_at after today + 60 days
must   every volume where kind is fixed: free at least 15% of size
must   some software where name like "Tideline Ledger*": version at least 4.2
must   no software where name like "MagnetPull*"
must   no account where admin is yes and name is not one of "svc-desk", "svc-patch"
must   every firewall: on is yes
must   every adapter where connected is yes: dns within "10.20.0.53", "10.20.1.53"
should visit.age at most 30 days
must   memory.usable between 7 GB and 64 GB
must   memory.slots at least 2
must   host.name matches "^(nq|gp)-"
must   every disk: health is not failing
should every disk: size at least 250 GB
must   os.installed_at after 2020-01-01
should firmware.dated after 2021-01-01
must   memory.available at least 1 GB
must   every module: speed at least 2400
must   security.tpm at least 2.0 or firmware.mode is legacy
should some volume: free at least 40 GB
"""


def by_hand(book: FactBook) -> list[bool]:
    """The spec's limits in plain Python: what a colleague would write for this one spec."""
    single = {fact.name: fact.value.value for fact in book if fact.item is None}
    items: dict[str, dict[str, dict[str, object]]] = {}
    for fact in book:
        if fact.item is not None:
            group, _, field = fact.name.partition(".")
            items.setdefault(group, {}).setdefault(fact.item, {})[field] = fact.value.value
    modules = [m for m in items.get("module", {}).values() if m.get("size")]
    volumes, disks = items.get("volume", {}).values(), items.get("disk", {}).values()
    adapters = [a for a in items.get("adapter", {}).values() if a.get("connected")]
    accounts = items.get("account", {}).values()
    software = items.get("software", {}).values()
    return [
        single.get("memory.installed", 0) >= 16 * GIB,
        all(m.get("type") in ("DDR4", "DDR5") for m in modules),
        len({m.get("speed") for m in modules}) == 1,
        len(modules) <= 4,
        any(p.get("cores", 0) >= 4 for p in items.get("processor", {}).values()),
        any(d.get("media") in ("ssd", "nvme") for d in disks),
        single.get("os.edition") in ("Desk Pro", "Studio"),
        [int(part) for part in str(single.get("os.build", "0")).split(".")] >= [12, 0, 4417],
        single.get("os.architecture") == "x86-64",
        single.get("firmware.secure_boot") is True,
        single.get("licence.channel") == "volume" and single.get("licence.state") == "active",
        single.get("licence.expires_at") == "never" or str(single.get("licence.expires_at")) > "2026-05-01",
        all(v["free"] >= 0.15 * v["size"] for v in volumes if v.get("kind") == "fixed"),
        any(str(s["name"]).startswith("Tideline Ledger") and str(s["version"]) >= "4.2" for s in software),
        not any(str(s["name"]).startswith("MagnetPull") for s in software),
        not any(a.get("admin") and a["name"] not in ("svc-desk", "svc-patch") for a in accounts),
        all(f.get("on") for f in items.get("firewall", {}).values()),
        all(set(a.get("dns", ())) <= {"10.20.0.53", "10.20.1.53"} for a in adapters),
        single.get("visit.age", 0) <= 30 * 86400,
        7 * GIB <= single.get("memory.usable", 0) <= 64 * GIB,
        single.get("memory.slots", 0) >= 2,
        re.match(r"(nq|gp)-", str(single.get("host.name"))) is not None,
        all(d.get("health") != "failing" for d in disks),
        all(d.get("size", 0) >= 250e9 for d in disks),
        str(single.get("os.installed_at")) > "2020-01-01",
        str(single.get("firmware.dated")) > "2021-01-01",
        single.get("memory.available", 0) >= GIB,
        all(m.get("speed", 0) >= 2400 for m in modules),
        str(single.get("security.tpm")) >= "2.0" or single.get("firmware.mode") == "legacy",
        any(v["free"] >= 40e9 for v in volumes),
    ]


def _seconds(text: str) -> float:
    """How long a text takes the first time that it is seen."""
    started = time.perf_counter()
    with suppress(SpecMistakes):
        parse_spec(text)
    return time.perf_counter() - started


def rows() -> list[Row]:
    """Settling one visit, checking one asset against a spec, reading specs well and badly written."""
    commands = (*ENGLISH, *(typed for typed in COMMANDS if typed not in ENGLISH))[:REPORTS]
    reports = [[read(session(pc, (typed,)).encode()) for typed in commands] for pc in office(SEED, NOW)[:12]]
    visited = Visited(NOW, NOW)
    settled = [with_visit_facts(settle(r), visited, len(r)) for r in reports]
    spec = parse_spec(SPEC)
    assert len(by_hand(settled[0])) == len(spec.expectations)
    checked = best(lambda: [check(spec, book, visited) for book in settled]) / len(settled)
    hand = best(lambda: [by_hand(book) for book in settled]) / len(settled)
    from bench.hostile_specs import hostile_specs

    hostile = [(_seconds(text), text) for text in hostile_specs()]
    return [
        Row(f"settle a visit of {REPORTS} reports", best(lambda: settle(reports[0])) * 1000, "ms"),
        Row(f"check one asset, {len(spec.expectations)} expectations", checked * 1000, "ms", hand * 1000),
        Row(f"read a spec of {len(spec.expectations)} expectations", best(lambda: parse_spec(SPEC)) * 1000, "ms"),
        Row(f"the slowest of {len(hostile)} hostile specs", max(hostile)[0] * 1000, "ms"),
        Row("the middle one of them", sorted(hostile)[len(hostile) // 2][0] * 1000, "ms"),
    ]
