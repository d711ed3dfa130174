<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The state of the verdict, so that jobs count it without reading summaries. */
    public function up(): void
    {
        Schema::table('members', function (Blueprint $table): void {
            $table->string('state', 20)->default('incomplete');
            $table->index(['job_id', 'state']);
        });
        DB::update("update members set state = json_unquote(json_extract(summary, '$.state')) where json_extract(summary, '$.state') is not null");
    }

    public function down(): void
    {
        Schema::table('members', function (Blueprint $table): void {
            $table->dropIndex(['job_id', 'state']);
            $table->dropColumn('state');
        });
    }
};
