"""The language: four answers, each with its reason; mistakes with their place and the nearest right word."""

import unittest
from dataclasses import replace
from datetime import datetime
from importlib.resources import files

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core.catalogue import FACTS
from yes_tally.core.expecting.applies import Place, applies
from yes_tally.core.expecting.check import check, check_expectation, tally, with_visit_facts
from yes_tally.core.expecting.comparisons import TESTS, glob
from yes_tally.core.expecting.judgement import Visited
from yes_tally.core.expecting.parse import parse_expectation, parse_spec
from yes_tally.core.expecting.terms import SpecMistakes
from yes_tally.core.quantity import Value
from yes_tally.core.reading.reader import read
from yes_tally.core.settling.settle import settle
from yes_tally.standins.commands import ENGLISH
from yes_tally.standins.office import office
from yes_tally.standins.reports import session

NOW = datetime(2026, 3, 2, 12, 0)
VISITED = Visited(NOW, datetime(2026, 3, 1, 12, 0))
REPORT = """a@nq-tkt-03 > about all
Host name: nq-tkt-03
Installed memory: 16 GB
Usable memory: 15.8 GB
Secure boot: on
Operating system: Harbour OS 12 Desk Pro
Build: 12.0.4417.82
Licence state: active
Licence expires: 2026-03-22 09:00

a@nq-tkt-03 > about modules
slot  size   kind  rated
----  -----  ----  -----
A1    8 GB     26   2666
A2    8 GB     26   2400
B1    -         -      -

a@nq-tkt-03 > about volumes
mount  label   file system  kind     size         free
sys:   System  kelp         fixed    372000 MB    15000 MB
data:  Data    kelp         fixed    95000 MB     61000 MB
usb:   Stick   kelp         removable  8000 MB    1 MB

a@nq-tkt-03 > about accounts
Account: svc-desk
Enabled: yes
Administrator: yes

Account: helper2
Enabled: yes
Administrator: yes

a@nq-tkt-03 > about software
Program          Version  Publisher
---------------  -------  ---------
Tideline Ledger  4.2.7    Tideline
Pennant Reader   8.3.1    Pennant

a@nq-tkt-03 > about net
1: Wickerlink  <wired, connected, 1000 Mbit/s>
     hw address   3c:5a:b4:10:77:e2
     dns          10.20.0.53, 203.0.113.9
"""


def facts_of(text):
    return with_visit_facts(settle([read(text.encode())]), VISITED, 1)


class Answers(unittest.TestCase):
    BOOK = facts_of(REPORT)
    # expectation, answer, what is found, the margin
    CASES = (
        ("memory.installed at least 16 GB", "yes", "16 GB", "just met"),
        ("memory.installed at least 16 GiB", "yes", "16 GB", "just met"),
        ("memory.installed at least 24 GB", "no", "16 GB", "short by 8 GB"),
        ("memory.installed at most 8 GB", "no", "16 GB", "over by 8 GB"),
        ("memory.usable at least 15 GB", "yes", "15.8 GB", "819.2 MB to spare"),
        ("memory.usable at least 15.8 GB", "unsaid", "15.8 GB", ""),
        ("memory.usable below 16 GB", "yes", "15.8 GB", "204.8 MB to spare"),
        ("machine.serial is known", "unsaid", "nothing said it", ""),
        ("host.name is known", "yes", "nq-tkt-03", ""),
        ("host.name like \"nq-tkt-*\"", "yes", "nq-tkt-03", ""),
        ("host.name like \"gp-*\"", "no", "nq-tkt-03", ""),
        ("firmware.secure_boot is yes", "yes", "yes", ""),
        ("not firmware.secure_boot is yes", "no", "yes", ""),
        ("os.edition is one of \"Desk Pro\", \"Studio\"", "yes", "Desk Pro", ""),
        ("os.edition is not \"Studio\"", "yes", "Desk Pro", ""),
        ("os.build at least 12.0.4417", "yes", "12.0.4417.82", ""),
        ("os.build at least 12.1", "no", "12.0.4417.82", "older than 12.1"),
        ("os.build at least 12.0.4419", "no", "12.0.4417.82", "2 builds behind"),
        ("os.build above 12.0.4407", "yes", "12.0.4417.82", "10 builds ahead"),
        ("os.build is 12.0.4417", "yes", "12.0.4417.82", ""),
        ("licence.state is active and firmware.secure_boot is yes", "yes", "active, yes", ""),
        ("licence.state is expired or firmware.secure_boot is yes", "yes", "active, yes", ""),
        ("licence.state is active and licence.channel is volume", "unsaid", "active, nothing said it", ""),
        ("licence.state is expired and licence.channel is volume", "no", "active, nothing said it", ""),
        ("licence.expires_at after today + 10 days", "yes", "2026-03-22 09:00:00", "9.9 days later"),
        ("licence.expires_at after today + 60 days", "no", "2026-03-22 09:00:00", "40.1 days earlier"),
        ("licence.expires_at before 2026-04-01", "yes", "2026-03-22 09:00:00", "9.6 days earlier"),
        ("visit.age at most 30 days", "yes", "1 day", "29 days to spare"),
        ("count of module at most 2", "yes", "2", "just met"),
        ("count of module at least 4", "no", "2", "short by 2"),
        ("count of account where admin is yes at most 1", "no", "2", "over by 1"),
        ("same speed across module", "no", "2666 MT/s and 2400 MT/s", "266 MT/s apart"),
        ("same type across module", "yes", "DDR4", ""),
        ("same serial across module", "unsaid", "nothing said it", ""),
        ("every module: type is one of DDR4, DDR5", "yes", "A1: DDR4, A2: DDR4", ""),
        ("every module: speed at least 2600", "no", "A2: 2400 MT/s", "short by 200"),
        ("some module: speed at least 2600", "yes", "A1: 2666 MT/s", "66 to spare"),
        ("every volume where kind is fixed: free at least 15% of size", "no", "sys: 15.7 GB", "short by 42.8 GB"),
        ("every volume where kind is removable: free at least 1%of size", "no", "usb: 1.05 MB", "short by 82.8 MB"),
        ("every volume where kind is network: free at least 15% of size", "yes", "no such volume", ""),
        ("some disk: media is one of ssd, nvme", "unsaid", "nothing said it", ""),
        ("no account where admin is yes and name is not one of \"svc-desk\", \"svc-patch\"", "no", "helper2", ""),
        ("no account where name is \"visitor\"", "yes", "none", ""),
        ("some software where name like \"Tideline Ledger*\": version at least 4.2", "yes", "Tideline Ledger: 4.2.7", ""),
        ("some software where name like \"Slipway*\"", "no", "no such software", ""),
        ("no software where name like \"MagnetPull*\"", "yes", "none", ""),
        ("no printer where name is known", "unsaid", "nothing said it", ""),
        ("every adapter where connected is yes: dns within \"10.20.0.53\", \"10.20.1.53\"", "no", "Wickerlink: 10.20.0.53, 203.0.113.9", ""),
        ("every adapter: dns contains \"10.20.0.53\"", "yes", "Wickerlink: 10.20.0.53, 203.0.113.9", ""),
        ("every adapter where kind is wireless: speed at least 1 Gbit/s", "yes", "no such adapter", ""),
        ("every adapter: speed at least 1 Gbit/s", "yes", "Wickerlink: 1 Gbit/s", "just met"),
    )  # fmt: skip

    def test_are_right_and_say_what_was_found_and_by_how_much(self):
        for text, verdict, found, margin in self.CASES:
            answer = check_expectation(parse_expectation(f"must {text}"), self.BOOK, VISITED)
            with self.subTest(text):
                self.assertEqual((answer.verdict, answer.found), (verdict, found), answer.why)
                if margin and not text.startswith(("every module", "some module")):
                    self.assertEqual(answer.margin, margin)
                self.assertTrue(answer.why)

    def test_name_the_line_they_rest_on(self):
        answer = check_expectation(parse_expectation("must os.build at least 12.1"), self.BOOK, VISITED)
        self.assertEqual([(w.source, w.line, w.printed) for w in answer.witnesses], [("about all", 7, "12.0.4417.82")])
        self.assertIn("line 7 of about all", answer.why)

    def test_witnesses_who_would_answer_differently_make_it_disputed(self):
        book = facts_of("a@h-1 > x\nInstalled memory: 16 GB\na@h-1 > y\nInstalled memory: 8 GB\n")
        verdict = lambda text: check_expectation(parse_expectation(text), book, VISITED).verdict  # noqa: E731
        self.assertEqual(verdict("must memory.installed at least 16 GB"), "disputed")
        self.assertEqual(verdict("must memory.installed at least 4 GB"), "yes")
        self.assertEqual(verdict("must memory.installed at least 32 GB"), "no")

    def test_a_failed_command_is_why_a_thing_is_unsaid(self):
        visited = replace(VISITED, failures=("“about licence” failed: it needs administrator rights",))
        answer = check_expectation(parse_expectation("must licence.channel is volume"), self.BOOK, visited)
        self.assertIn("needs administrator rights", answer.why)

    def test_a_field_without_a_quantifier_needs_one_item(self):
        one = check_expectation(parse_expectation("must adapter.speed at least 1 Gbit/s"), self.BOOK, VISITED)
        many = check_expectation(parse_expectation("must module.speed at least 2400"), self.BOOK, VISITED)
        self.assertEqual(one.verdict, "yes")
        self.assertEqual(many.verdict, "unsaid")
        self.assertIn("every, some or no module", many.why)

    def test_a_scale_holds_found_and_limit_in_one_unit(self):
        answer = check_expectation(parse_expectation("must memory.installed at least 24 GB"), self.BOOK, VISITED)
        self.assertEqual((answer.scale.low, answer.scale.limit, answer.scale.better), (16 * 2**30, 24 * 2**30, "more"))


class Doubt(unittest.TestCase):
    """Nothing that was not said is ever taken for a yes or a no."""

    @given(
        st.integers(1, 10**6),
        st.integers(0, 10**5),
        st.integers(1, 10**6),
        st.sampled_from(["at_least", "at_most", "above", "below"]),
    )
    def test_a_narrower_range_never_turns_a_yes_into_a_no(self, middle, width, limit, test):
        wide = Value("count", middle, max(0, middle - width), middle + width)
        narrow = Value("count", middle, middle, middle)
        fact = FACTS["memory.slots"]
        before, after = TESTS[test](fact, wide, [float(limit)]), TESTS[test](fact, narrow, [float(limit)])
        if before is not None:
            self.assertEqual(before, after)

    @given(st.integers(0, 1000), st.integers(0, 50), st.integers(0, 1000))
    def test_above_is_the_opposite_of_at_most(self, low, width, limit):
        value = Value("count", low, low, low + width)
        fact = FACTS["memory.slots"]
        at_most, above = TESTS["at_most"](fact, value, [float(limit)]), TESTS["above"](fact, value, [float(limit)])
        self.assertEqual(above, None if at_most is None else not at_most)

    def test_a_value_in_two_readings_answers_only_when_both_agree(self):
        book = facts_of("a@h-1 > x\nDisk 0\n    Model: Shale 1T\n    Size: 465.8 GB\n    Media: spinning\n")
        verdict = lambda text: check_expectation(parse_expectation(text), book, VISITED).verdict  # noqa: E731
        self.assertEqual(verdict("must disk.size at least 480 GB"), "unsaid")
        self.assertEqual(verdict("must disk.size at least 400 GB"), "yes")
        self.assertEqual(verdict("must disk.size at least 600 GB"), "no")

    def test_a_coarse_version_does_not_tell(self):
        book = facts_of("a@h-1 > x\nBuild: 12.0\nEdition: Studio\n")
        answer = check_expectation(parse_expectation("must os.build at least 12.0.4417"), book, VISITED)
        self.assertEqual(answer.verdict, "unsaid")
        self.assertIn("too coarse", answer.why)

    @given(st.text("ab*?", max_size=12), st.text("ab", max_size=30))
    def test_patterns_match_as_the_shell_does(self, pattern, text):
        import fnmatch

        self.assertEqual(glob(pattern, text), fnmatch.fnmatchcase(text, pattern))

    def test_patterns_cannot_run_away(self):
        self.assertFalse(glob("*a" * 60 + "b", "a" * 5000))


class Mistakes(unittest.TestCase):
    # the line, the column of the mistake, a word of the message, the nearest right word
    CASES = (
        ("must memory.instaled at least 16 GB", 6, "no fact", "memory.installed"),
        ("must memory.installed at leest 16 GB", 26, "leest", "least"),
        ("must memory.installed at least 16 GHz", 32, "no unit", ""),
        ("mst memory.installed at least 16 GB", 1, "mst", "must"),
        ("must every modul: type is DDR4", 12, "modul", "module"),
        ("must every module: sped at least 2666", 20, "sped", "speed"),
        ("must os.edition at least 3", 6, "no more or less", ""),
        ("must memory.installed after 2025-01-01", 6, "not a moment", ""),
        ("must licence.channel is volum", 25, "never “volum”", "volume"),
        ("must firmware.secure_boot is maybe", 30, "yes or no", ""),
        ("must memory.installed at least", 31, "ends too early", ""),
        ("must installed at least 4 GB", 6, "needs its group", "memory.installed"),
        ("must host.booted_at after today + 3 parsecs", 37, "", ""),
        ("must", 5, "ends too early", ""),
        ("must every volume: free at least 15 GB of size", 34, "share", ""),
        ("must memory.installed at least 16 GB because swaps", 46, "swaps", ""),
        ("must (memory.installed is known", 32, "ends too early", ""),
        ("must " + "(" * 4000, 4006, "", ""),
        ("must memory.installed at least 16 GB 7", 38, "7", ""),
    )  # fmt: skip

    def test_give_their_column_and_the_nearest_right_word(self):
        for line, column, words, nearest in self.CASES:
            with self.subTest(line[:60]), self.assertRaises(SpecMistakes) as caught:
                parse_expectation(line, 7)
            error = caught.exception.errors[0]
            self.assertEqual((error.line, error.column, error.nearest), (7, column, nearest), f"{line[:50]}: {error}")
            self.assertIn(words, error.message)

    def test_are_all_told_at_once(self):
        text = 'spec "Counter PC"\nfor rule counter\nmust memory.instaled at least 16 GB\nmust os.build at least 12\nshould every modul: size is known\n'
        with self.assertRaises(SpecMistakes) as caught:
            parse_spec(text)
        self.assertEqual(
            [(e.line, e.nearest) for e in caught.exception.errors],
            [(2, "role"), (3, "memory.installed"), (5, "module")],
        )

    def test_a_spec_needs_its_name_first(self):
        for text in ("", "must host.name is known", "# only a remark\n"):
            with self.assertRaisesRegex(SpecMistakes, 'spec "Name"'):
                parse_spec(text)

    def test_a_spec_of_too_many_lines_is_refused(self):
        with self.assertRaisesRegex(SpecMistakes, "at most 10000 lines"):
            parse_spec('spec "x"\n' + "must host.name is known\n" * 10_001)

    @given(st.text(alphabet='must ehold.wrvyian"0123456789%:,()#', max_size=80))
    def test_no_text_breaks_the_parser(self, text):
        try:
            parse_spec(f'spec "x"\nmust {text}')
        except SpecMistakes as mistakes:
            for error in mistakes.errors:
                self.assertGreater(error.column, 0)


class Specs(unittest.TestCase):
    def test_the_language_s_own_page_of_examples_parses(self):
        text = (files("yes_tally.standins") / "specs" / "1-counter.spec").read_text("utf-8")
        spec = parse_spec(text)
        self.assertEqual((spec.name, spec.applies), ("Counter PC", {"role": ("counter",)}))
        self.assertEqual(spec.expectations[0].because, "ticketing swaps below this")
        self.assertEqual(spec.expectations[2].strength, "should")

    def test_are_for_those_whom_every_line_names(self):
        spec = parse_spec(
            'spec "x"\nfor role counter, dispatch\nfor site "Northquay", "Gull Point"\nmust host.name is known'
        )
        place = Place(role="Dispatch", site="Northquay", form="desktop", tag="LSF-0001")
        self.assertTrue(applies(spec, place))
        self.assertFalse(applies(spec, replace(place, role="drawing")))
        self.assertFalse(applies(spec, replace(place, site="Elsewhere")))
        self.assertTrue(applies(parse_spec('spec "all"\nmust host.name is known'), place))

    def test_comments_and_quotes_do_not_mix(self):
        spec = parse_spec('spec "x" # the name\nmust host.name is "a#b" # a remark\n')
        self.assertEqual(spec.expectations[0].text, 'must host.name is "a#b"')

    def test_the_office_s_troubles_are_found_by_its_specs(self):
        specs = [parse_spec(e.read_text("utf-8")) for e in (files("yes_tally.standins") / "specs").iterdir()]
        found = {}
        for pc in office(8040, NOW):
            place = Place(pc.role, pc.site, pc["machine.form"], pc.tag)
            book = with_visit_facts(settle([read(session(pc, ENGLISH).encode())]), VISITED, 1)
            answers = [a for spec in specs if applies(spec, place) for a in check(spec, book, VISITED)]
            wrong = [a.expectation.split()[1:3] for a in answers if a.verdict in ("no", "disputed")]
            found[pc.host] = [" ".join(words) for words in wrong]
            self.assertEqual(sum(tally(answers).values()), len(answers))
        expected = {
            "nq-tkt-03": ["same speed"], "nq-crw-04": ["memory.installed at"], "nq-drw-03": ["licence.expires_at after"],
            "nq-tkt-01": ["licence.channel is"], "nq-acc-05": ["licence.state is"], "nq-tkt-05": ["every volume"],
            "nq-dsp-05": ["os.build at"], "nq-drw-02": ["os.build at"], "nq-acc-01": ["no account"], "gp-wks-02": ["no software"],
            "nq-crw-06": ["every adapter"], "nq-acc-03": ["every firewall:"],
            "gp-wks-03": ["os.build at"], "nq-crw-08": ["os.build at"],
        }  # fmt: skip
        self.assertEqual({host: wrong for host, wrong in found.items() if wrong}, expected)
