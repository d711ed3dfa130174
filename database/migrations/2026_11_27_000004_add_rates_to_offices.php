<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What steel costs the office, and the sections it likes to use. */
    public function up(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->json('rates')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->dropColumn('rates');
        });
    }
};
