<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Validation\Validator;

/**
 * Checks as the framework does, and of every text that nothing stands in it which nobody types: no control characters,
 * and no line breaks where there is one line.
 */
final class TypedText extends Validator
{
    /** A field that takes more characters may have several lines. */
    private const LONGEST_LINE = 200;

    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\x{80}-\x{9F}'
        .'\x{2028}\x{2029}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /**
     * @param  string  $attribute
     * @param  mixed  $value
     */
    public function validateString($attribute, $value): bool
    {
        if (! parent::validateString($attribute, $value)) {
            return false;
        }
        if (is_string($value) && (preg_match(self::CONTROL, $value) === 1 || $this->breaksOff($attribute, $value))) {
            $this->addFailure($attribute, 'one_line');
        }

        return true;
    }

    private function breaksOff(string $attribute, string $value): bool
    {
        $most = $this->getRule($attribute, 'Max')[1][0] ?? null;

        return is_numeric($most) && $most <= self::LONGEST_LINE && preg_match('/[\r\n\t]/', trim($value)) === 1;
    }
}
