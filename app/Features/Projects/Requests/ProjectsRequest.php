<?php

declare(strict_types=1);

namespace App\Features\Projects\Requests;

use App\Features\Projects\Queries\ProjectFilter;
use App\Features\Projects\Queries\ProjectSort;
use App\Http\Input\Address;
use App\Http\Input\BoundedRequest;

/** The filters of the project list in its address; an invalid value counts as absent. */
final class ProjectsRequest extends BoundedRequest
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
            $this->text('search'),
            $known('state', ProjectFilter::STATES, 'open'),
            mb_substr($this->text('manager'), 0, 100),
            $known('only', ProjectFilter::CONCERNS, ''),
            ProjectSort::tryFrom($this->text('sort')) ?? ProjectSort::Attention,
            Address::of($this)->page(),
        );
    }

    private function text(string $name): string
    {
        return Address::of($this)->text($name);
    }
}
