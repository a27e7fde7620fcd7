<?php

declare(strict_types=1);

namespace Tests\App\Support;

use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;

final class DatabaseTest extends TestCase
{
    public function test_a_new_database_writes_small_pages_for_each_act(): void
    {
        self::assertSame(2048, DB::scalar('PRAGMA page_size'));
    }
}
