<?php

declare(strict_types=1);

namespace App\Features\Projects\Requests;

use App\Features\Projects\Queries\ProjectFilter;
use App\Features\Projects\Queries\ProjectSort;
use Illuminate\Foundation\Http\FormRequest;

/** What the address says of the list of projects; what it says wrongly counts as not said. */
final class ProjectsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function filter(): ProjectFilter
    {
        $known = fn (string $name, array $values, string $else): string => in_array($this->text($name), $values, true) ? $this->text($name) : $else;

        return new ProjectFilter(
            mb_substr($this->text('search'), 0, 200),
            $known('state', ProjectFilter::STATES, 'open'),
            mb_substr($this->text('manager'), 0, 100),
            $known('only', ProjectFilter::CONCERNS, ''),
            ProjectSort::tryFrom($this->text('sort')) ?? ProjectSort::Attention,
            max(1, min(100_000, (int) $this->text('page'))),
        );
    }

    private function text(string $name): string
    {
        $value = $this->query($name);

        return is_string($value) ? trim($value) : '';
    }
}
