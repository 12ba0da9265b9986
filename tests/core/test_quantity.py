"""Printed values are ranges: no more is said than the digits say."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core import quantity
from yes_tally.core.catalogue import FACTS
from yes_tally.core.failures import failure_kind
from yes_tally.core.moment import date_order, moment
from yes_tally.core.quantity import Locale, version_parts
from yes_tally.core.reading.values.addresses import mask_of
from yes_tally.core.reading.values.report_locale import as_written_in, locale_of
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_of, flag_of, is_placeholder

GIB, MIB = 2**30, 2**20


def value_of(fact, printed, locale=Locale(), unit=""):
    found = understand(FACTS[fact], printed, locale, unit)
    return found.value if found else None


class Sizes(unittest.TestCase):
    def test_memory_is_binary_and_whole_numbers_of_it_are_exact(self):
        for printed, expected in (
            ("16 GB", 16 * GIB),
            ("8,192 MB", 8 * GIB),
            ("16.0 GB", 16 * GIB),
            ("64 GiB", 64 * GIB),
        ):
            found = understand(FACTS["memory.installed"], printed, Locale())
            self.assertEqual((found.value, found.low, found.high), (expected,) * 3, printed)

    def test_a_fraction_says_no_more_than_its_digits(self):
        found = understand(FACTS["memory.usable"], "15.8 GB", Locale())
        self.assertAlmostEqual(found.low, 15.75 * GIB, delta=1)
        self.assertAlmostEqual(found.high, 15.85 * GIB, delta=1)

    def test_a_disk_s_gigabyte_is_kept_in_both_readings(self):
        found = understand(FACTS["disk.size"], "931.51 GB", Locale())
        self.assertAlmostEqual(found.value, 931.51 * GIB, delta=GIB)
        self.assertAlmostEqual(found.others[0].value, 931.51e9, delta=1e9)

    def test_the_most_precise_print_of_one_size_wins(self):
        found = understand(FACTS["disk.size"], "931.51 GB (1,000,204,886,016 bytes)", Locale())
        self.assertEqual((found.value, found.exact), (1_000_204_886_016, True))

    def test_a_unit_in_the_label_counts(self):
        self.assertEqual(value_of("volume.free", "37", unit="GiB"), 37 * GIB)

    def test_a_bare_number_is_only_taken_where_one_unit_is_plausible(self):
        self.assertEqual(value_of("memory.usable", "24105"), 24105 * MIB)
        self.assertEqual(value_of("memory.usable", "24684096"), 24684096 * 1024)
        self.assertIsNone(value_of("volume.free", "512"))
        self.assertEqual(value_of("volume.size", "1000204886016"), 1_000_204_886_016)

    def test_digit_groups_follow_the_report_s_locale(self):
        comma = Locale(decimal_comma=True)
        self.assertEqual(value_of("memory.installed", "16,0 GB", comma), 16 * GIB)
        self.assertEqual(value_of("process.memory", "44.012 K", comma), 44012 * 1024)
        self.assertEqual(value_of("process.memory", "44,012 K"), 44012 * 1024)
        self.assertEqual(value_of("process.memory", "44 012 K"), 44012 * 1024)
        self.assertIs(locale_of("Größe: 15,8 GB\nTakt: 3,20 GHz").decimal_comma, True)
        self.assertIsNone(locale_of("no numbers").decimal_comma)

    def test_a_language_puts_the_day_first_where_no_date_says_otherwise(self):
        self.assertIs(as_written_in("es", locale_of("Inicio: 11/02/2025")).day_first, True)
        self.assertIs(as_written_in("es", locale_of("Inicio: 02/25/2025")).day_first, False)
        self.assertIsNone(as_written_in("en", locale_of("Start: 11/02/2025")).day_first)

    @given(st.integers(1, 4095), st.sampled_from(["MB", "GB", "TB"]))
    def test_the_range_always_holds_the_value(self, number, unit):
        found = understand(FACTS["volume.size"], f"{number} {unit}", Locale())
        for reading in found.readings():
            self.assertLessEqual(reading.low, reading.value)
            self.assertLessEqual(reading.value, reading.high)

    @given(st.text(max_size=60))
    def test_no_text_breaks_any_kind(self, text):
        for name in ("memory.usable", "disk.size", "processor.clock", "adapter.speed", "licence.grace", "os.build",
                     "os.installed_at", "adapter.ipv4", "adapter.mac", "machine.uuid", "battery.health", "module.type"):  # fmt: skip
            understand(FACTS[name], text, Locale())


class OtherNumbers(unittest.TestCase):
    def test_a_clock_is_a_range_of_half_its_last_digit(self):
        found = understand(FACTS["processor.clock"], "3.20 GHz", Locale())
        self.assertEqual((found.low, found.high), (3_195_000_000, 3_205_000_000))
        self.assertEqual(value_of("processor.current_clock", "2499.998", unit="MHz"), 2_499_998_000)
        self.assertIsNone(value_of("processor.clock", "3"))

    def test_rates_counts_shares_and_spans(self):
        self.assertEqual(value_of("adapter.speed", "1000 Mbit/s"), 10**9)
        self.assertEqual(value_of("adapter.speed", "10 Gbps"), 10**10)
        self.assertEqual(value_of("module.speed", "2,666 MT/s"), 2666)
        self.assertEqual(value_of("processor.cores", "6 cores"), 6)
        self.assertIsNone(value_of("processor.cores", "12.5"))
        self.assertAlmostEqual(value_of("battery.health", "85 %"), 0.85)
        self.assertEqual(value_of("licence.grace", "20 days"), 20 * 86400)
        self.assertEqual(value_of("licence.grace", "1 day 4 hours"), 28 * 3600)
        for twenty in ("20 Tage", "20 jours", "20 días", "20 dias", "20 giorni", "20 dagen", "20 dni"):
            self.assertEqual(value_of("licence.grace", twenty), 20 * 86400, twenty)

    def test_what_brackets_say_again_is_not_added(self):
        self.assertEqual(value_of("licence.grace", "28770 minutes (19 days)"), 28770 * 60)
        self.assertEqual(value_of("licence.grace", "(20 days)"), 20 * 86400)

    def test_versions_compare_part_by_part(self):
        self.assertLess(version_parts("12.0.4390.14"), version_parts("12.0.4417"))
        self.assertLess(version_parts("9.2"), version_parts("10"))
        self.assertEqual(value_of("os.build", "12.0.4417.82"), "12.0.4417.82")
        self.assertEqual(value_of("firmware.version", "L52.1.18"), "L52.1.18")
        self.assertEqual(value_of("security.tpm", "2.0, ready"), "2.0")


class Moments(unittest.TestCase):
    CASES = (
        ("2025-02-11 08:47:30", "2025-02-11T08:47:30"), ("2025-02-11T08:47", "2025-02-11T08:47:00"), ("2019-03-02", "2019-03-02"),
        ("3 March 2025 at 09:00", "2025-03-03T09:00:00"), ("Feb 11, 2025", "2025-02-11"), ("20250211074431", "2025-02-11T07:44:31"),
        ("11.02.2025 08:15", "2025-02-11T08:15:00"), ("14. Juni 2024", "2024-06-14"), ("3 de marzo de 2025", "2025-03-03"),
        ("2/28/2025", "2025-02-28"), ("never", "never"), ("nunca", "never"),
        ("14. Juni 2024 um 10:22 Uhr", "2024-06-14T10:22:00"), ("16 października 2024", "2024-10-16"), ("14-Jun-2024 10:22", "2024-06-14T10:22:00"),
        ("14 giugno 2024 alle ore 10:22", "2024-06-14T10:22:00"), ("14 sierpnia 2025 r., godz. 12:00", "2025-08-14T12:00:00"),
        ("Fr, 14.06.2024 - 10:22", "2024-06-14T10:22:00"), ("20240614T102251Z", "2024-06-14T10:22:51"), ("14.06.24 10:22", "2024-06-14T10:22:00"),
        ("14/06/99", "1999-06-14"),
    )  # fmt: skip

    def test_are_read_in_every_usual_print(self):
        for printed, expected in self.CASES:
            self.assertEqual(value_of("os.installed_at", printed), expected, printed)

    def test_an_order_in_doubt_stays_both_until_the_report_settles_it(self):
        open_order = understand(FACTS["os.installed_at"], "03/04/2024", Locale())
        self.assertEqual([v.value for v in open_order.readings()], ["2024-04-03", "2024-03-04"])
        self.assertEqual(value_of("os.installed_at", "03/04/2024", Locale(day_first=False)), "2024-03-04")
        self.assertIs(date_order("changed 20/01/2025"), True)
        self.assertIs(date_order("changed 01/20/2025"), False)
        self.assertIsNone(date_order("changed 01/02/2025"))
        for build in ("Build 12.0.4417.90", "version 12.1.4417", "address 10.20.2024.1"):
            self.assertIsNone(date_order(build), build)

    def test_a_day_is_a_range_and_no_such_day_is_none(self):
        found = moment("2019-03-02", Locale())
        self.assertEqual((found.low, found.high), ("2019-03-02T00:00:00", "2019-03-02T23:59:59"))
        for printed in (
            "2025-02-30",
            "31/31/2025",
            "version 12.0.4417",
            "99:99",
            "0000-00-00",
            "1.2.3",
            "14.06.24.1",
            "31/31/24",
        ):
            self.assertIsNone(moment(printed, Locale()), printed)


class Words(unittest.TestCase):
    def test_placeholders_mean_unsaid(self):
        for text in ("", "not specified", "Default string", "To be filled by O.E.M.", "00000000", "FFFFFFFF", "123456789", "none", "-",
                     "(sin especificar)", "xxxx", "00:00:00:00:00:00", "N/A"):  # fmt: skip
            self.assertTrue(is_placeholder(text), text)
        for text in ("0", "CRN7K20418", "3F10A9C2", "NQ-ACC-03", "A1", "12"):
            self.assertFalse(is_placeholder(text), text)

    def test_placeholders_are_never_values_of_a_text_or_an_id(self):
        for fact in (
            "machine.serial",
            "machine.tag",
            "disk.serial",
            "module.serial",
            "machine.maker",
            "account.full_name",
        ):
            for text in ("00000000", "not specified", "none", "default"):
                self.assertIsNone(value_of(fact, text), (fact, text))
        self.assertIsNone(value_of("adapter.mac", "00:00:00:00:00:00"))
        self.assertIsNone(value_of("machine.uuid", "ffffffff-ffff-ffff-ffff-ffffffffffff"))
        self.assertIsNone(value_of("adapter.gateway", "0.0.0.0"))

    def test_yes_and_no_in_every_language_and_nothing_else(self):
        for word in ("yes", "On", "enabled", "sí", "Ja", "oui", "1", "yes, from 10.20.1.2"):
            self.assertIs(flag_of(word), True, word)
        for word in ("no", "Off", "disabled", "nein", "non", "0", "not connected"):
            self.assertIs(flag_of(word), False, word)
        for word in ("maybe", "", "42", "nonsense"):
            self.assertIsNone(flag_of(word), word)

    def test_choices_by_word_and_by_code(self):
        self.assertEqual(value_of("module.type", "26"), "DDR4")
        self.assertEqual(value_of("module.type", "LPDDR5"), "LPDDR5")
        self.assertIsNone(value_of("module.type", "2"))
        self.assertEqual(value_of("os.architecture", "64-bit (x86-64)"), "x86-64")
        self.assertEqual(value_of("os.architecture", "64-bit ARM-based"), "arm64")
        self.assertEqual(value_of("os.architecture", "64 Bit, ARM"), "arm64")
        self.assertEqual(value_of("os.architecture", "32-bit ARM"), "other")
        self.assertEqual(value_of("module.type", "DDR4-3200"), "DDR4")
        self.assertEqual(value_of("licence.state", "not activated"), "inactive")
        self.assertEqual(choice_of("media", FACTS["disk.media"].choices, "spinning, 7200 rpm"), "hdd")

    def test_macs_masks_and_addresses_in_any_notation(self):
        for printed in ("3C-5A-B4-10-77-E2", "3c5a.b410.77e2", "3c:5a:b4:10:77:e2"):
            self.assertEqual(value_of("adapter.mac", printed), "3c:5a:b4:10:77:e2")
        self.assertEqual(mask_of("/20"), "255.255.240.0")
        self.assertEqual(value_of("adapter.dns", "10.20.1.53, 10.20.0.53"), ("10.20.1.53", "10.20.0.53"))
        self.assertEqual(value_of("adapter.ipv6", "fe80::1%2 (link only)"), ("fe80::1%2",))

    def test_failures_are_told_by_kind_in_several_languages(self):
        for line, kind in (
            ("this needs administrator rights. Nothing was asked.", "no-rights"), ("Acceso denegado.", "no-rights"),
            ("Zugriff verweigert", "no-rights"), ("sh: 1: membank: not found", "not-found"), ("pcshet: no command of that name is known", "not-found"),
            ("The request timed out", "timed-out"), ("not supported on this PC", "not-supported"), ("Everything is fine", None),
            ("« fiche » n'est pas reconnu comme commande.", "not-found"), ("book: you may not read the log (administrators only)", "no-rights"),
            ("Nie znaleziono polecenia", "not-found"), ("U moet beheerder zijn.", "no-rights"), ("Opzione sconosciuta: /x", "not-supported"),
            ("O comando não foi reconhecido", "not-found"), ("Kein solcher Befehl", "not-found"), ("Battery: not available", None),
        ):  # fmt: skip
            self.assertEqual(failure_kind(line), kind, line)


class Numbers(unittest.TestCase):
    def test_marks_are_told_apart_by_their_form(self):
        for text, expected in (
            ("1,234,567", 1234567),
            ("1.234.567", 1234567),
            ("1,234.5", 1234.5),
            ("1.234,5", 1234.5),
            ("0.250", 0.25),
        ):
            self.assertEqual(next(quantity.numbers(text)).value, expected, text)
