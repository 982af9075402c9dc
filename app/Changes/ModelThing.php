<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/** A thing that is a row of its own, perhaps with more beside it. */
abstract readonly class ModelThing implements Thing
{
    /** @return class-string<Model> */
    abstract protected function model(): string;

    /** @return array<string, mixed> */
    abstract public function content(Model $row): array;

    /**
     * @param  array<string, mixed>  $content
     * @return array<string, mixed>
     */
    abstract protected function columns(array $content): array;

    public function read(Business $business, string $id): ?array
    {
        $row = $this->model()::query()->where('business_id', $business->id)->find($id);

        return $row === null ? null : $this->content($row);
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        $row = $this->model()::query()->where('business_id', $business->id)->find($id);
        if ($content === null) {
            $row?->delete();

            return;
        }
        if ($row !== null) {
            $row->update($this->columns($content));

            return;
        }
        $this->model()::query()->create(['business_id' => $business->id, 'id' => $id, ...$this->last($business), ...$this->columns($content)]);
    }

    public function sentences(): array
    {
        return ['name.required' => 'What is it called?'];
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        return null;
    }

    public function name(array $content): string
    {
        return (string) ($content['name'] ?? '');
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book;
    }

    /** @return array<string, int> where a new one stands: after all others, if they have an order */
    protected function last(Business $business): array
    {
        return ['position' => (int) $this->model()::query()->where('business_id', $business->id)->max('position') + 1];
    }
}
