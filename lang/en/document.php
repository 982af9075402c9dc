<?php

declare(strict_types=1);

/* What stands on receipts, invoices and credit notes. */

return [
    'title' => '{kind, select, invoice {Invoice {number}} credit {Credit note {number}} other {Receipt}}',
    'from' => 'From',
    'to' => 'For',
    'date' => 'Date',
    'takes_back' => 'Takes invoice {number} back.',
    'what' => 'What',
    'amount' => 'Amount',
    'line' => [
        'fee' => 'Cancelled late: {label}',
        'less' => '{why}',
        'code' => 'Code {label}',
    ],
    'part' => '{kind, select, people {{count, plural, one {# more person} other {# more people}}} addOn {{count, plural, one {{label}} other {# × {label}}}} frequency {Comes often} covered {Paid ahead: {label}} code {Code {label}} other {{label}}}',
    'total' => 'Total',
    'tax' => '{rate} %',
    'tax_by_rate' => 'Tax by rate',
    'tax_included' => 'Tax by rate, included in the total',
    'net' => 'Net',
    'tax_amount' => 'Tax',
    'gross' => 'With tax',
    'paid' => 'Paid',
    'paid_by' => 'Paid {way} on {date}',
    'given_back_by' => 'Given back {way} on {date}',
    'way' => '{way, select, cash {in cash} card {by card} processor {by card, online} transfer {by transfer} credit {from what you have with us} other {}}',
    'tip' => 'Tip',
    'tax_number' => 'Tax number {number}',
    'given' => 'Given in cash',
    'change' => 'Change',
    'due' => 'Still due',
];
