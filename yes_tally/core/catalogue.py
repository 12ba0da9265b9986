"""What facts there are: the one list that the reader, the language, the screens and the exports ask.

A fact is written ``field[:kind[=choice|choice]][!][*]``: ``!`` marks an identity (compared without tolerance, masked
when shown outside), ``*`` a key of its item. A field without a kind is text. Adding a fact is one word here.

Sources: the codes are those of DMTF DSP0134 (SMBIOS) 3.7, sections 7.4.1, 7.18.1 and 7.18.2.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from typing import Literal, get_args

Kind = Literal[
    "text", "size", "clock", "rate", "count", "share", "version", "moment", "span",
    "flag", "choice", "mac", "ip", "uuid", "list",
]  # fmt: skip

UNIT: dict[str, str] = {"size": "bytes", "clock": "hertz", "rate": "bits/s", "share": "0-1", "span": "seconds"}
NUMBER_KINDS = frozenset({"size", "clock", "rate", "count", "share", "span"})


@dataclass(frozen=True, slots=True)
class FactKind:
    """One entry of the catalogue.

    ``name`` is dotted (``module.size``); ``group`` its first part and ``field`` the rest; ``unit`` the base unit of a
    number (or empty); ``item`` whether a PC has several of the group; ``key`` whether it tells items apart;
    ``identity`` whether it names one thing in the world (serials, MACs, ids).
    """

    name: str
    group: str
    field: str
    kind: Kind
    unit: str
    choices: tuple[str, ...]
    item: bool
    key: bool
    identity: bool


_FORM = "desktop|tower|laptop|tablet|all-in-one|server|virtual|other"
_ARCHITECTURE = "x86|x86-64|arm64|other"
_MEMORY_TYPE = "DDR|DDR2|DDR3|DDR4|DDR5|LPDDR|LPDDR2|LPDDR3|LPDDR4|LPDDR5|unknown"

_SINGLE = {
    "machine": f"maker model serial! tag! sku uuid:uuid! form:choice={_FORM} refurbished:flag limit:size",
    "board": "maker model version serial!",
    "firmware": "maker version:version dated:moment mode:choice=uefi|legacy secure_boot:flag",
    "security": "tpm:version virtualisation:flag",
    "host": "name! domain owner organisation user time_zone booted_at:moment",
    "memory": "installed:size usable:size available:size slots:count limit:size free_slots:count matched:flag "
    "running_speed:count",
    "os": f"name edition version:version build:version kernel:version architecture:choice={_ARCHITECTURE} "
    "installed_at:moment oldest_trace_at:moment language product_id!",
    "licence": "channel:choice=retail|oem|volume|subscription|evaluation state:choice=active|grace|inactive|expired "
    "permanent:flag key_tail! expires_at:moment grace:span resets_left:count server",
    "visit": "age:span reports:count",
}

_ITEMS = {
    "processor": f"name maker cores:count threads:count clock:clock max_clock:clock current_clock:clock "
    f"architecture:choice={_ARCHITECTURE} width:count generation:count cache_l1:size cache_l2:size cache_l3:size socket* stepping",
    "module": f"slot* bank* size:size type:choice={_MEMORY_TYPE} form:choice=dimm|so-dimm|soldered|other "
    "speed:count running_speed:count maker part serial! pins:count",
    "disk": "number* model serial!* size:size media:choice=hdd|ssd|nvme|removable|other bus "
    "layout:choice=gpt|mbr|none id! firmware:version health:choice=good|warning|failing boot:flag read_only:flag "
    "unallocated:size",
    "partition": "disk* number* kind size:size start:size id! active:flag",
    "volume": "mount* label filesystem size:size free:size kind:choice=fixed|removable|network|optical|memory "
    "serial! disk encrypted:flag state free_share:share",
    "graphics": "name* maker memory:size state driver_version:version driver_dated:moment width:count height:count "
    "refresh:count device_id",
    "display": "name* maker serial!* width:count height:count",
    "sound": "name* maker state",
    "printer": "name* port driver default:flag",
    "battery": "name* design:count full:count cycles:count health:share",
    "adapter": "name* connection mac:mac!* kind:choice=wired|wireless|bluetooth|virtual|loopback|other "
    "connected:flag speed:rate dhcp:flag dhcp_server:ip ipv4:list ipv6:list mask:ip gateway:ip dns:list "
    "lease_from:moment lease_until:moment",
    "update": "id* title installed_at:moment",
    "software": "name* version:version maker installed_at:moment",
    "driver": "name* version:version provider dated:moment signed:flag file",
    "account": "name* full_name enabled:flag admin:flag password_required:flag password_set_at:moment "
    "password_expires_at:moment last_logon_at:moment groups:list",
    "task": "name* enabled:flag state last_run_at:moment next_run_at:moment last_result runs user",
    "firewall": "profile* on:flag inbound:choice=allow|block outbound:choice=allow|block",
    "policy": "category subcategory* records:choice=none|success|failure|both",
    "event": "at:moment* level source id* text",
    "process": "pid* name user memory:size",
    "connection": "protocol local* remote* state pid*",
    "neighbour": "address:ip* mac:mac! interface kind:choice=dynamic|static",
    "route": "destination:ip* mask:ip gateway:ip* interface metric:count",
    "boot_entry": "id* name path default:flag",
    "variable": "name* value",
    "search_folder": "order:count* folder",
    "page_file": "path* size:size used:size",
    "reach": "target* address:ip sent:count received:count lost:count best:span average:span worst:span",
    "hop": "target* number:count* address:ip best:span worst:span",
    "lookup": "name* address:list server",
    "health_check": "kind:choice=system-files|disk|energy|memory* target* at:moment "
    "result:choice=clean|repaired|damaged|not-finished errors:count warnings:count notes:count",
}

_ENTRY = re.compile(r"(?P<field>\w+)(?::(?P<kind>[a-z]+))?(?:=(?P<choices>[^!*]+))?(?P<identity>!)?(?P<key>\*)?$")


def _entry(group: str, text: str, item: bool) -> FactKind:
    match = _ENTRY.match(text)
    if match is None:
        raise ValueError(f"catalogue entry of {group} cannot be read: {text!r}")
    kind = match["kind"] or "text"
    if kind not in get_args(Kind):
        raise ValueError(f"catalogue entry of {group} has an unknown kind: {text!r}")
    return FactKind(
        name=f"{group}.{match['field']}",
        group=group,
        field=match["field"],
        kind=kind,  # type: ignore[arg-type]
        unit=UNIT.get(kind, ""),
        choices=tuple((match["choices"] or "").split("|")) if match["choices"] else (),
        item=item,
        key=bool(match["key"]),
        identity=bool(match["identity"]),
    )


FACTS: dict[str, FactKind] = {
    entry.name: entry
    for table, item in ((_SINGLE, False), (_ITEMS, True))
    for group, line in table.items()
    for entry in (_entry(group, word, item) for word in line.split())
}
SINGLE_GROUPS: tuple[str, ...] = tuple(_SINGLE)
ITEMS: tuple[str, ...] = tuple(_ITEMS)
FIELDS: dict[str, tuple[FactKind, ...]] = {
    group: tuple(fact for fact in FACTS.values() if fact.group == group) for group in (*SINGLE_GROUPS, *ITEMS)
}
KEYS: dict[str, tuple[FactKind, ...]] = {group: tuple(f for f in FIELDS[group] if f.key) for group in ITEMS}

DERIVED = frozenset({
    "processor.generation", "machine.limit",
    "memory.free_slots", "memory.matched", "memory.running_speed", "volume.free_share", "machine.refurbished",
    "visit.age", "visit.reports",
})  # fmt: skip

# Kilobytes of these are always 1024; a disk's or a volume's may be 1000.
BINARY_SIZES = frozenset({
    "memory.installed", "memory.usable", "memory.available", "memory.limit", "module.size", "graphics.memory",
    "machine.limit",
    "processor.cache_l1", "processor.cache_l2", "processor.cache_l3", "process.memory", "page_file.size",
    "page_file.used",
})  # fmt: skip
# Sold in whole units: a whole number printed for one of these is exact.
NOMINAL_SIZES = frozenset({"memory.installed", "memory.limit", "module.size", "machine.limit"})

# Sold in round numbers of 10^9: of two ways to understand a print, the one near such a number is meant.
SOLD_SIZES = frozenset({"disk.size"})

MEMORY_TYPE_CODES: dict[int, str] = {
    2: "unknown", 18: "DDR", 19: "DDR2", 20: "DDR2", 24: "DDR3", 26: "DDR4", 27: "LPDDR", 28: "LPDDR2",
    29: "LPDDR3", 30: "LPDDR4", 34: "DDR5", 35: "LPDDR5",
}  # fmt: skip
MEMORY_FORM_CODES: dict[int, str] = {1: "other", 9: "dimm", 11: "soldered", 13: "so-dimm"}
CHASSIS_CODES: dict[int, str] = {
    1: "other", 3: "desktop", 4: "desktop", 5: "desktop", 6: "tower", 7: "tower", 8: "laptop", 9: "laptop",
    10: "laptop", 11: "tablet", 13: "all-in-one", 14: "laptop", 15: "desktop", 16: "desktop", 17: "server",
    23: "server", 24: "desktop", 28: "server", 29: "server", 30: "tablet", 31: "laptop", 32: "laptop", 35: "desktop",
    36: "desktop",
}  # fmt: skip
CHOICE_CODES: dict[str, dict[int, str]] = {
    "module.type": MEMORY_TYPE_CODES,
    "module.form": MEMORY_FORM_CODES,
    "machine.form": CHASSIS_CODES,
}
