<?php

declare(strict_types=1);

namespace App\Models;

/** Where money stands in the book (rules.md L6). An entry above zero is more of it there. */
enum Account: string
{
    /** What clients owe; below zero where they have paid more than that. */
    case Due = 'due';
    /** What was sold, without tax: below zero, since it came from there. */
    case Sales = 'sales';
    case Tax = 'tax';

    case Cash = 'cash';
    /** By card at the desk. */
    case Card = 'card';
    case Processor = 'processor';
    case Bank = 'bank';
    /** On its way back to a client. */
    case Returning = 'returning';
    /** What clients have with the business. */
    case Credit = 'credit';

    case Tips = 'tips';
    case StaffPay = 'staff_pay';
    case PayCost = 'pay_cost';
    /** Of the processor. */
    case Fees = 'fees';
    /** What was in the drawer and should not have been, or the other way round. */
    case Difference = 'difference';
    /** Taken back by a client's bank, until it is decided whose it is. */
    case Disputed = 'disputed';
}
