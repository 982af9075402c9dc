<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\TaxRate as Row;
use App\Support\Given;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\TaxRate;

/** A rate of a tax: "VAT", "23". */
final readonly class TaxRateContent extends Content
{
    public function __construct(public string $name, public string $percent)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->text('name'), Amounts::written($given->text('percent')) ?? '0');
    }

    public static function of(Row $row): self
    {
        return new self($row->name, $row->percent);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return ['name' => 'required|string|max:120', 'percent' => ['required', Amounts::percent(fromZero: true)]];
    }

    public static function sentences(): array
    {
        return ['name.required' => 'wrong.tax.name_required', 'percent.required' => 'wrong.price.percent_form'];
    }

    public function name(): string
    {
        return $this->name;
    }

    public function toCore(string $id): TaxRate
    {
        return new TaxRate($id, $this->name, Percent::of($this->percent));
    }
}
