"""English words of the trade that say the same in a label: a label that no phrase has is looked up by these too.

A row is the word that stands for all of them, and the words (or two or three together) that people use for it. Both the
phrases and the label are put into the first words of the rows, so that ``Put on by`` meets ``Installed by`` and
``Highest clock`` meets ``Maximum speed`` without a phrase for each.
"""

from __future__ import annotations

from functools import lru_cache

from yes_tally.core.reading.meaning.labels import words_of

_ROWS = """
maker | manufacturer, vendor, producer, brand, make, builder, made by, built by, manufactured by, produced by, made who, who made, who built, supplier, supplied by, publisher, published by, author, written by, provider, provided by, comes from, came from, house
name | called, desc, title, known as, designation, named, caption, goes by, description, display name, friendly name, full title
number | no, nr, num, index, ordinal, #
serial number | serial, serial no, sn, s n, ser no, serial nr, ser nr, serial code, serial id
part number | part, part no, p n, pn, part code, order number, order code, article number, stock number
size | capacity, amount, how big, how large, how much, extent, holds, room, length
total | altogether, all, all told, overall, whole, sum, complete
free | left, remaining, unused, spare, unoccupied, still free, left over, remains, free left
used | taken, in use, occupied, filled, consumed, spent, use, usage
maximum | max, most, highest, top, upper, limit, ceiling, peak, up to, at most, greatest, largest, cap, maximal, upper limit
minimum | min, least, lowest, at least, smallest, minimal
best | quickest, fastest, shortest, minimum, min
worst | slowest, longest, maximum, max
average | mean, avg, middle, typical, round
current | now, present, actual, presently, at present, at moment, moment, right now, today, currently, momentary, effective
rated | nominal, specified, labelled, sold, sold as, official, printed, marked, designed, base, stated
speed | clock, frequency, rate, pace, clock speed, clock rate, clocking, tempo, clock frequency
runs at | running at, running, runs, set to run at, clocked at, driven at, operating at
started | booted, switched on, powered up, turned on, powered on, came up, start, boot, startup, restart, restarted
installed | fitted, put in, put on, set up, added, applied, deployed, placed, loaded, installation, install, setup, populated, built in, fitting, plugged in, mounted in, mended
date | dated, day, when, time, moment, timestamp, at what time, on what day, date time
version | release, revision, rev, ver, vers, wer, level
kind | type, sort, class, category, family, variety, what kind, nature
state | status, condition, standing, situation, stands
enabled | active, on, allowed, in use, switched on, turned on, in force, activated, may be used, working
account | user, login, person, user account, user name, account name, login name, who
last | latest, most recent, previous, lately, recent, past
next | following, upcoming, due, planned
password | passphrase, secret, pass word, pwd, passwd, passcode
expires | expiry, runs out, ends, end, valid until, lapses, good until, valid to, valid till, expiration, expire, runs until, valid through, until, stops, over
required | needed, must have, mandatory, asked, demanded, wanted, must be set, necessary, obligatory, compulsory, must
changed | set, altered, renewed, modified, last changed, last set, new since
logon | login, sign in, signed in, log in, logged in, log on, logged on, seen, sign on, signed on, came in, last here, been here
full | whole, complete, when full, fully charged, charged full, full charge
inbound | incoming, arriving, arrival, coming in, inward, inwards, in, into, entering, from outside, coming
outbound | outgoing, departing, departure, going out, outward, outwards, out, leaving, from inside, going
program | exe, command, image, executable, binary, application, process, what runs, programme, app
runs | starts, launches, executes, calls, does, action, to run
network | net, lan
address | addr, addresse
hardware address | mac, mac address, physical address, hw address, hardware, hw, ethernet address, station address, burnt in address, burned in address, nic address, link address, card address, mac addr, machine address
ip address | ip, inet, internet address, ipv4, ip v4, v4, inet4, ipv4 address
netmask | mask, subnet mask, net mask, subnet, network mask, genmask, ip mask
gateway | router, way out, next hop, by way, via, leads over, goes by, hop, gw, passes by
destination | target, towards, goal, dest, goes to, leads to, toward, reaches, bound for, where to, whither
metric | cost, distance, weight, price
interface | iface, through, out through, leaves by, by card
name server | dns, dns server, nameserver, resolver, names from, names asked at, name service, asks for names
sent | sent out, transmitted, asked, out sent, calls, tries, probes
received | came back, answered, replies, answers, got back, returned, back, answer, echoed
lost | missing, missed, unanswered, gone, loss, lost way, dropped
folder | directory, dir, path, place
file | filename, file name, path, kept in, lies in, stored in
local | own, here, this side, near, this end, our
remote | far, there, other side, peer, foreign, other end, far end, distant, their, other
core | kernel unit, computing core, physical core
thread | logical, logical processor, hardware thread, logical core, logical cpu, strand, virtual core, virtual processor, lane
cache 1 | l1, l1 cache, level 1 cache, first level cache, cache l1, cache level 1, l1 cache size
cache 2 | l2, l2 cache, level 2 cache, second level cache, cache l2, cache level 2, l2 cache size
cache 3 | l3, l3 cache, level 3 cache, third level cache, cache l3, cache level 3, l3 cache size, last level cache
width | word width, wide, bit, bit width, word size, word length, word
architecture | instruction set, set of instructions, isa, arch, cpu architecture, machine language, instruction
pins | contacts, pin, pin count, leads
slot | socket, position, locator, sits in, where, seat, placed in, location
file system | filesystem, fs, formatted as, format, formatted, fstype
mount | letter, drive letter, mounted on, mount point, mounted, mounted at, drive, hangs at
encrypted | encryption, locked, ciphered, scrambled, bitlocked, crypt
signed | signature, digitally signed, has signature, signature valid, trusted
default | usual, preferred, standard, main, first choice, chosen, usually used
printer port | connected to, attached to, reached at, hangs on
refresh | refresh rate, redraws, frames, vertical refresh, hz
resolution | mode, pixels, picture, dots, screen size, showing, now showing, shows, desktop size
cycles | cycle, cycle count, charge cycles, charged, times charged, charging cycles, loadings, charges
health | state of health, fitness, wellbeing, remaining health, well
design | designed for, when new, as new, originally, original, factory, new, design capacity, built for
serial of disk | disk serial
records | recorded, logged, audited, written down, noted, setting, audits, kept, what kept
level | severity, grade, priority, seriousness, weight of event
source | logged by, reported by, origin, from, sender, raised by, reporter
text | message, what happened, words, says, event text, details, wording
organization | company, firm, business, organisation name
owner | registered owner, registered to, belongs to, owned by, registered for, licensed to, made out to, registered user
time zone | zone, tz, clock zone, timezone, local time
domain | workgroup, joined to, member of domain, dns domain, domain name
tag | asset tag, asset number, inventory number, inventory tag, sticker, asset label, asset no, inventory no, label number, asset
key tail | last five, last 5, key ends in, key ends with, end of key, last characters of key, ending of key, key ending
permanent | for good, for ever, forever, perpetual, unlimited, lasting, never ends
grace | grace period, grace left, days of grace, grace time, time left, tolerance
resets left | resets, resets remaining, rearms left, may be reset, resets still allowed
channel | sold through, sales channel, licence kind, bought as, licence type, distribution channel
language | lang, tongue, speaks, system language, ui language
build | build number, build no, build string, compiled as, build id
edition | flavour, variant, product edition
operating system | os, system software
""".strip()  # fmt: skip


@lru_cache(maxsize=1)
def _rows() -> dict[tuple[str, ...], tuple[str, ...]]:
    found: dict[tuple[str, ...], tuple[str, ...]] = {}
    for row in _ROWS.splitlines():
        first, _, others = row.partition("|")
        for entry in (first, *others.split(",")):
            found.setdefault(words_of(entry), words_of(first))
    return found


@lru_cache(maxsize=1)
def _longest() -> int:
    return max(map(len, _rows()))


@lru_cache(maxsize=16384)
def plainly(words: tuple[str, ...]) -> tuple[str, ...]:
    """Words of a label, each (or several together, the longest first) as the word that stands for all its synonyms."""
    rows, longest = _rows(), _longest()
    put: list[str] = []
    at = 0
    while at < len(words):
        for length in range(min(longest, len(words) - at), 0, -1):
            known = rows.get(words[at : at + length])
            if known:
                put += known
                break
        else:
            length = 1
            put.append(words[at])
        at += length
    return tuple(put)
