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
        'fee' => 'Cancellation fee: {label}',
        'no_show' => 'No-show fee: {label}',
        'waived' => 'Fee waived: {label}',
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
    'given_back_by' => 'Refunded {way} on {date}',
    'on_its_way_by' => 'Refund on its way {way}, since {date}',
    'way' => '{way, select, cash {in cash} card {by card} processor {by card, online} transfer {by transfer} credit {as account credit} other {}}',
    'tip' => 'Tip',
    'tax_number' => 'Tax number {number}',
    'given' => 'Given in cash',
    'change' => 'Change',
    'kept_as_credit' => 'Kept as account credit',
    'due' => 'Still due',
    'still_to_refund' => 'Still to be refunded',
];
