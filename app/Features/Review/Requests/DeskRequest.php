<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Features\Review\Queries\DeskFilter;
use App\Features\Review\Queries\Grouping;
use App\Features\Review\Queries\Look;
use Illuminate\Foundation\Http\FormRequest;

/** What of the desk is looked at, as the address says; what it says wrongly counts as not said. */
final class DeskRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seen' => ['nullable', 'string', 'max:200']];
    }

    public function filter(): DeskFilter
    {
        $group = $this->string('open')->toString();

        return new DeskFilter(
            Grouping::tryFrom($this->string('by')->toString()) ?? Grouping::Person,
            Look::tryFrom($this->string('look')->toString()) ?? Look::All,
            mb_substr($this->string('search')->toString(), 0, 200),
            $group === '' ? null : $group,
        );
    }

    public function page(): int
    {
        return max(1, $this->integer('page'));
    }

    public function sheetPage(): int
    {
        return max(1, $this->integer('sheets'));
    }

    public function seen(): string
    {
        return $this->string('seen')->toString();
    }
}
