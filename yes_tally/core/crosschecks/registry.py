"""Every cross-check, in the order they are shown. A new one is a small function and one row here.

``docs/cross-checks.md`` is written from this table by ``python -m yes_tally.core.crosschecks.registry``.
"""

from __future__ import annotations

from yes_tally.core.crosschecks import memory, network, processor, storage, system
from yes_tally.core.crosschecks.finding import CrossCheck, Finding
from yes_tally.core.parts.book import EMPTY, PartsBook
from yes_tally.core.settling.facts import FactBook

CHECKS: tuple[CrossCheck, ...] = (
    CrossCheck("modules and installed memory", "contradiction", "the modules' sizes added up, and `memory.installed` as printed",
               "a doctored summary claims more than its modules hold", memory.sum_and_installed),
    CrossCheck("usable and installed memory", "contradiction", "`memory.usable` and `memory.installed`",
               "the system never uses more than is fitted; much less points to a module that does not work", memory.usable_and_installed),
    CrossCheck("modules and slots", "contradiction", "fitted modules and `memory.slots`",
               "no PC holds more modules than it has slots", memory.modules_and_slots),
    CrossCheck("memory and limit", "contradiction", "`memory.installed`, `memory.limit`, and the PC model's limit in the parts book",
               "memory beyond the limit is a wrong claim, or not used", memory.installed_and_limit),
    CrossCheck("speed and type of a module", "contradiction", "`module.speed` and the speeds that `module.type` has (JEDEC)",
               "a relabelled module gives itself away by a speed its type cannot have", memory.speed_of_type),
    CrossCheck("running and rated speed", "notice", "`module.running_speed` and `module.speed`",
               "a module driven faster than it is rated for fails sooner", memory.running_and_rated),
    CrossCheck("modules alike", "notice", "the type, the rated speed and the size of all modules",
               "one slow module slows them all; unequal sizes may cost the second channel", memory.modules_alike),
    CrossCheck("module and its part number", "contradiction", "what a module says of itself, and what the parts book says of its part number",
               "a part number cannot have another size, type or speed", memory.module_as_in_book),
    CrossCheck("one serial twice", "contradiction", "the serials of a PC's modules, and of its disks",
               "two parts with one serial are copied text", memory.two_of_one_serial),
    CrossCheck("cores and threads", "contradiction", "`processor.cores` and `processor.threads`",
               "every core has at least one thread", processor.cores_and_threads),
    CrossCheck("processor and its name", "contradiction", "cores, threads, clock and architecture, and what the parts book says of the processor's name",
               "a name that promises more than is there was changed", processor.processor_as_in_book),
    CrossCheck("system and processor", "contradiction", "`os.architecture` and `processor.architecture`",
               "a processor cannot run a system built for another", processor.system_and_processor),
    CrossCheck("inside their disk", "contradiction", "the sizes of a disk's partitions, and of its volumes, added up, and `disk.size`",
               "what lies on a disk is never larger than the disk", storage.inside_their_disk),
    CrossCheck("free and size", "contradiction", "`volume.free` and `volume.size`",
               "nothing has more room left than it has", storage.free_and_size),
    CrossCheck("disk and its model", "contradiction", "`disk.size` and `disk.media`, and what the parts book says of the model",
               "a disk that claims a larger size than its model has is a fake", storage.disk_as_in_book),
    CrossCheck("set up and oldest trace", "notice", "`os.installed_at` and `os.oldest_trace_at`",
               "an install date much newer than the oldest folder says that the system was set up again", system.installed_and_traces),
    CrossCheck("last start and set up", "contradiction", "`host.booted_at` and `os.installed_at`",
               "a PC cannot have last started before it was set up", system.started_and_installed),
    CrossCheck("licence for good", "contradiction", "`licence.permanent` and `licence.expires_at`",
               "a licence for good has no end", system.licence_for_good),
    CrossCheck("licence that ended", "contradiction", "`licence.state`, `licence.expires_at`, and the last start",
               "a licence that ended before the PC last started is not active", system.licence_that_ended),
    CrossCheck("secure boot and mode", "contradiction", "`firmware.secure_boot` and `firmware.mode`",
               "legacy mode has no secure boot", system.secure_boot_and_mode),
    CrossCheck("serial in its maker's pattern", "notice", "`machine.serial` and the form of serials that the parts book has for the model or the maker",
               "a serial of another form was typed, or belongs to another maker's PC", system.serial_in_pattern),
    CrossCheck("refurbished", "notice", "`machine.model` and `machine.sku`, and the markers of the parts book",
               "a second-hand PC may be dressed up as a new one", system.renewed),
    CrossCheck("battery and its design", "contradiction", "`battery.full`, `battery.design` and `battery.health`",
               "a battery does not gain by age, and its health is what it holds of what it held", system.battery_and_design),
    CrossCheck("one MAC, two addresses", "notice", "the rows of `neighbour`, by MAC",
               "one station that answers for two addresses may be listening in, or is set up wrongly", network.one_mac_two_addresses),
    CrossCheck("gateway in reach", "notice", "`adapter.gateway`, `adapter.ipv4` and `adapter.mask`",
               "a gateway outside the adapter's own network is not reached", network.gateway_in_reach),
)  # fmt: skip


def cross_check(book: FactBook, parts: PartsBook = EMPTY) -> list[Finding]:
    """Everything that the cross-checks see in a visit's facts, contradictions first."""
    found = [finding for check in CHECKS for finding in check.findings(book, parts)]
    return sorted(found, key=lambda finding: finding.weight != "contradiction")


def as_page() -> str:
    """The registry as a page of the documentation."""
    rows = [f"| {c.name} | {c.weight} | {c.compares} | {c.why} |" for c in CHECKS]
    return "\n".join([_HEAD, *rows, _TAIL])


_HEAD = """# Cross-checks

Two facts of one visit that cannot both be true, or that a careful technician would ask about. Each is one small
function in `yes_tally/core/crosschecks/`, rests only on facts that are settled and no estimate, allows for what each
print leaves open, and tells in one sentence what it saw, with the lines it saw it on. A *contradiction* cannot be true as told; a
*notice* can. Findings stand on the Bench and on the Asset page, and are part of the record.

This table is written from the registry (`python -m yes_tally.core.crosschecks.registry > docs/cross-checks.md`); a
test holds the two together.

| cross-check | weight | compares | why |
| --- | --- | --- | --- |"""
_TAIL = """
Across PCs, when a visit is entered: a serial, machine id, MAC, disk or module serial that another asset has shown
(`yes_tally/core/settling/identity.py`). It moved where the other asset's latest visit no longer shows it; it is in two
places where it still does.
"""

if __name__ == "__main__":
    print(as_page())
