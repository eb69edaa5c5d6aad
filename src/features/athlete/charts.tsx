'use client';

import dynamic from 'next/dynamic';
import own from './athlete.module.css';

const waiting = () => <div className={own.chart} />;

/** Charts come after the page: what they draw stands beside them in words and tables. */
export const CurveChart = dynamic(() => import('./curve-chart'), { ssr: false, loading: waiting });
export const BodyChart = dynamic(() => import('./body-chart'), { ssr: false, loading: waiting });
